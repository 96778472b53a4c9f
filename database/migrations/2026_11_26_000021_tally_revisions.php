<?php

declare(strict_types=1);

use App\Models\PageRevision;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenSlate\Page\Tally;

/** What there is on a page is counted when it is written, so that no page need be read to say how far a job is. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('page_revisions', function (Blueprint $table): void {
            foreach (['boxes', 'parts', 'keyed', 'keyable'] as $counted) {
                $table->unsignedInteger($counted)->default(0);
            }
        });
        foreach (PageRevision::query()->lazyById(100) as $revision) {
            DB::table('page_revisions')->where('id', $revision->id)->update((array) Tally::of($revision->page()));
        }
    }

    public function down(): void
    {
        Schema::dropColumns('page_revisions', ['boxes', 'parts', 'keyed', 'keyable']);
    }
};

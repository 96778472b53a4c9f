<?php

declare(strict_types=1);

use App\Models\PageRevision;
use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* A page of hundreds of things is a megabyte of JSON, of which each revision is nearly the same as the one before. */
return new class extends Migration
{
    public function up(): void
    {
        foreach (
            DB::table('page_revisions')
                ->whereLike('content', '{%')
                ->orderBy('id')
                ->select('id', 'content')
                ->lazyById(100) as $revision
        ) {
            DB::table('page_revisions')
                ->where('id', $revision->id)
                ->update(['content' => PageRevision::packed($revision->content)]);
        }
    }
};

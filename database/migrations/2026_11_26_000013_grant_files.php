<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use OpenSlate\Format\PageCodec;
use OpenSlate\Page\PageFile;

/*
 * Who may see a file is written down when somebody is given it, and is never read out of what they can write
 * themselves.
 */
return new class extends Migration
{
    public function up(): void
    {
        // What a teacher brought in, took from a colleague, or clipped. Page 0 is the whole file.
        Schema::create('teacher_files', function (Blueprint $table): void {
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64);
            $table->unsignedInteger('page')->default(0);
            $table->primary(['teacher_id', 'sha256', 'page']);
        });
        // What a revision of a page names; written with the revision.
        Schema::create('revision_files', function (Blueprint $table): void {
            $table->foreignId('page_revision_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64);
            $table->unsignedInteger('page')->default(0);
            $table->boolean('whole')->default(false);
            $table->primary(['page_revision_id', 'sha256', 'page']);
            $table->index(['sha256', 'page']);
        });
        // Pictures that a student put on a copy.
        Schema::create('copy_pictures', function (Blueprint $table): void {
            $table->foreignId('copy_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64);
            $table->timestamp('created_at')->nullable();
            $table->primary(['copy_id', 'sha256']);
            $table->index('sha256');
        });
        // Pictures of a page as those see them who are handed it: cut to what shows, and covered for good.
        Schema::create('shown_pictures', function (Blueprint $table): void {
            $table->foreignId('page_revision_id')->constrained()->cascadeOnDelete();
            $table->string('name', 40);
            $table->char('sha256', 64);
            $table->primary(['page_revision_id', 'name']);
            $table->foreign('sha256')->references('sha256')->on('stored_files');
        });
        $this->fill();
    }

    private function fill(): void
    {
        $give = fn (int $teacher, string $sha256, int $page): int => DB::table('teacher_files')->insertOrIgnore([
            'teacher_id' => $teacher,
            'sha256' => $sha256,
            'page' => $page,
        ]);
        foreach (DB::table('originals')->get(['teacher_id', 'sha256']) as $original) {
            $give($original->teacher_id, $original->sha256, 0);
        }
        $revisions = DB::table('page_revisions')
            ->join('pages', 'pages.id', '=', 'page_revisions.page_id')
            ->join('worksheets', 'worksheets.id', '=', 'pages.worksheet_id');
        foreach (
            $revisions
                ->orderBy('page_revisions.id')
                ->select('page_revisions.id', 'content', 'teacher_id')
                ->lazy() as $revision
        ) {
            foreach (PageFile::of(PageCodec::decode($revision->content)) as $file) {
                DB::table('revision_files')->insertOrIgnore([
                    'page_revision_id' => $revision->id,
                    'sha256' => $file->sha256,
                    'page' => $file->page,
                    'whole' => $file->whole,
                ]);
                $give($revision->teacher_id, $file->sha256, $file->page);
            }
        }
        foreach (
            DB::table('copies')
                ->whereNotNull('work')
                ->get(['id', 'work']) as $copy
        ) {
            preg_match_all('/\b[0-9a-f]{64}\b/', $copy->work, $hashes);
            foreach (
                DB::table('stored_files')
                    ->whereIn('sha256', array_unique($hashes[0]))
                    ->whereLike('media_type', 'image/%')
                    ->pluck('sha256') as $sha256
            ) {
                DB::table('copy_pictures')->insertOrIgnore([
                    'copy_id' => $copy->id,
                    'sha256' => $sha256,
                    'created_at' => now(),
                ]);
            }
        }
    }
};

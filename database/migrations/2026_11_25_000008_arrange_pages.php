<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Illuminate\Support\Str;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('arrangements', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('worksheet_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedInteger('undo_to')->nullable();
            $table->unsignedInteger('redo_to')->nullable();
            $table->longText('content');
            $table->timestamp('created_at')->nullable();
            $table->unique(['worksheet_id', 'number']);
        });
        Schema::table('worksheets', function (Blueprint $table): void {
            $table->unsignedInteger('arranged')->default(0);
            $table->foreignId('joins_id')->nullable()->constrained('worksheets')->cascadeOnDelete();
            $table->unsignedBigInteger('joins_before')->nullable();
        });
        Schema::table('pages', function (Blueprint $table): void {
            // A page taken out of its worksheet has no place, and can be put back.
            $table->unsignedInteger('position')->nullable()->change();
            $table->string('key', 24)->default('');
            $table->foreignId('source_page_id')->nullable()->constrained('pages')->nullOnDelete();
            $table->unsignedInteger('source_revision')->nullable();
            $table->text('answers')->nullable();
            $table->dropColumn('links');
        });
        foreach (DB::table('pages')->pluck('id') as $id) {
            DB::table('pages')
                ->where('id', $id)
                ->update(['key' => Str::lower(Str::random(10))]);
        }
        Schema::table('pages', function (Blueprint $table): void {
            $table->unique(['worksheet_id', 'key']);
            $table->index('source_page_id');
        });
    }
};

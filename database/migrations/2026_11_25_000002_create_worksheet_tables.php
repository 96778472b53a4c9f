<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('stored_files', function (Blueprint $table): void {
            $table->char('sha256', 64)->primary();
            $table->unsignedBigInteger('bytes');
            $table->string('media_type', 100);
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('originals', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->char('sha256', 64);
            $table->string('name');
            $table->text('pages');
            $table->timestamps();
            $table->foreign('sha256')->references('sha256')->on('stored_files');
        });
        // One printed page of a stored file and its pictures, whoever brought the file in.
        Schema::create('backdrops', function (Blueprint $table): void {
            $table->id();
            $table->char('source', 64);
            $table->unsignedInteger('page');
            $table->double('width');
            $table->double('height');
            $table->char('paper', 7);
            $table->char('image', 64);
            $table->char('thumbnail', 64);
            $table->foreign('source')->references('sha256')->on('stored_files');
            $table->foreign('image')->references('sha256')->on('stored_files');
            $table->foreign('thumbnail')->references('sha256')->on('stored_files');
            $table->unique(['source', 'page']);
        });
        Schema::create('worksheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->foreignId('master_id')->nullable()->constrained('worksheets');
            $table->foreignId('original_id')->nullable()->constrained();
            $table->string('name');
            $table->string('state', 20);
            $table->unsignedInteger('pages_total');
            $table->text('cut_from')->nullable();
            $table->text('problem')->nullable();
            $table->timestamps();
            $table->index(['teacher_id', 'updated_at']);
        });
        Schema::create('pages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('worksheet_id')->constrained()->cascadeOnDelete();
            $table->foreignId('backdrop_id')->nullable()->constrained();
            $table->unsignedInteger('position');
            $table->unsignedInteger('revision');
            $table->unique(['worksheet_id', 'position']);
            $table->index('backdrop_id');
        });
        Schema::create('page_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('page_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedInteger('undo_to')->nullable();
            $table->unsignedInteger('redo_to')->nullable();
            $table->longText('content');
            $table->timestamp('created_at')->nullable();
            $table->unique(['page_id', 'number']);
        });
    }
};

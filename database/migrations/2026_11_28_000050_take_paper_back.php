<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sheets of paper that came back as scans or photos, until they are put into copies. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('paper_files', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('handout_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->nullable()->constrained()->nullOnDelete();
            // Gone once its pages are read, which are kept one by one.
            $table->string('sha256', 64)->nullable();
            $table->string('name', 200);
            $table->string('state', 20);
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('total')->default(0);
            $table->text('problem')->nullable();
            $table->timestamps();
            $table->foreign('sha256')->references('sha256')->on('stored_files');
            $table->index('created_at');
        });
        Schema::create('paper_sheets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('paper_file_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->string('sha256', 64);
            $table->foreignId('copy_id')->nullable()->constrained('copies')->cascadeOnDelete();
            $table->foreignId('page_id')->nullable()->constrained('pages')->nullOnDelete();
            $table->string('doubt', 20)->nullable();
            $table->timestamp('taken_at')->nullable();
            $table->foreign('sha256')->references('sha256')->on('stored_files');
        });
    }
};

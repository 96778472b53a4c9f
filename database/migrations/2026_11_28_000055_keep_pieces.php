<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a clean page with chosen questions was made of: pieces of other pages, and where they lie on it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('page_pieces', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('page_id')->constrained('pages')->cascadeOnDelete();
            $table->foreignId('source_page_id')->constrained('pages')->cascadeOnDelete();
            $table->unsignedInteger('source_revision');
            $table->string('name', 24);
            $table->double('x');
            $table->double('y');
            $table->double('width');
            $table->double('height');
            $table->double('across');
            $table->double('down');
            $table->index('page_id');
            $table->index('source_page_id');
        });
    }
};

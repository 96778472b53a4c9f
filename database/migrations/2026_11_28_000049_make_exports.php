<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a teacher has made to leave: while it is being made, and until it is thrown away. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('exports', function (Blueprint $table): void {
            $table->id();
            // What it was made of may go before it: its row stays, so that its file is not forgotten.
            $table->foreignId('teacher_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('worksheet_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('handout_item_id')->nullable()->constrained()->nullOnDelete();
            $table->string('kind', 20);
            $table->text('choices');
            $table->string('name', 200);
            $table->string('state', 20);
            $table->unsignedInteger('done')->default(0);
            $table->unsignedInteger('total')->default(0);
            $table->text('problem')->nullable();
            $table->string('sha256', 64)->nullable();
            $table->timestamps();
            $table->foreign('sha256')->references('sha256')->on('stored_files');
            $table->index('created_at');
        });
    }
};

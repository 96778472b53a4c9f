<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was handed out may be changed, and each change taken back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handouts', function (Blueprint $table): void {
            $table->unsignedInteger('revision')->default(1);
        });
        Schema::create('handout_revisions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('handout_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('number');
            $table->unsignedInteger('undo_to')->nullable();
            $table->unsignedInteger('redo_to')->nullable();
            $table->longText('content');
            $table->timestamp('created_at')->nullable();
            $table->unique(['handout_id', 'number']);
        });
    }
};

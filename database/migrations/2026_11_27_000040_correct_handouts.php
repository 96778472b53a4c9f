<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Copies that are out take a newer edition; what has no place in it waits. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('copies', function (Blueprint $table): void {
            $table->text('waiting')->nullable();
        });
        Schema::table('handout_items', function (Blueprint $table): void {
            // The edition that copies had before the last correction, while that can be taken back.
            $table->foreignId('corrected_from')->nullable()->constrained('editions');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A class's shelf is a handout of its own kind: always out, its items to be read, and a copy for whoever takes one. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handouts', function (Blueprint $table): void {
            $table->foreignId('shelf_of')->nullable()->constrained('school_classes')->cascadeOnDelete();
        });
        Schema::table('handout_items', function (Blueprint $table): void {
            $table->timestamp('off_shelf_at')->nullable();
        });
        Schema::table('copies', function (Blueprint $table): void {
            $table->timestamp('thrown_at')->nullable();
        });
    }
};

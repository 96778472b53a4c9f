<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How often students may do a handout, and which of the attempts counts. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handouts', function (Blueprint $table): void {
            // Null for as many as wanted.
            $table->unsignedInteger('attempts')->nullable()->default(1);
            $table->boolean('best_attempt')->default(true);
        });
    }
};

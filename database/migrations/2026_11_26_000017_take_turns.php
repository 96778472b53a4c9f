<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('worksheets', function (Blueprint $table): void {
            // What is to be done next with the file that it was made from; null when all is done.
            $table->string('stage', 20)->nullable()->index();
            $table->string('claimed_by', 20)->nullable();
            $table->unsignedBigInteger('claimed_at')->nullable();
            // When it was last worked on, in milliseconds.
            $table->unsignedBigInteger('served_at')->default(0);
            $table->unsignedInteger('tries')->default(0);
            // Seconds of the processor that went into it.
            $table->double('spent')->default(0);
        });
    }
};

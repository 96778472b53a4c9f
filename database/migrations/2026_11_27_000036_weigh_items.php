<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Each worksheet of a handout may have points of its own; then the handout is worth what they are together. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handout_items', function (Blueprint $table): void {
            $table->unsignedInteger('points')->nullable();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('backdrops', function (Blueprint $table): void {
            // The printed words, read once for each printed page; null until somebody has.
            $table->longText('lines')->nullable();
        });
    }
};

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
            // Found once for each printed page, whoever brings it in; null until somebody has looked.
            $table->longText('blanks')->nullable();
        });
        Schema::table('pages', function (Blueprint $table): void {
            $table->text('refused')->nullable();
        });
    }
};

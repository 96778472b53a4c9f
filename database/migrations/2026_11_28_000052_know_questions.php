<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** The numbered questions of printed pages; null where nobody has looked for them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('backdrops', function (Blueprint $table): void {
            $table->longText('questions')->nullable();
        });
    }
};

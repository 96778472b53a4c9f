<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Which printed pages without words were looked at by a reader of print. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('backdrops', function (Blueprint $table): void {
            $table->boolean('looked_for_words')->default(false);
        });
    }
};

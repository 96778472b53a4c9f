<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** How a school counts work that was not handed in, and whose is not counted at all. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('schools', function (Blueprint $table): void {
            $table->string('missing_work', 10)->default('zero');
        });
        Schema::table('copies', function (Blueprint $table): void {
            $table->timestamp('excused_at')->nullable();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What was found when a worksheet was last looked through, and of which state of its pages. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('worksheets', function (Blueprint $table): void {
            $table->string('looked_at', 64)->nullable();
            $table->unsignedInteger('to_mend')->nullable();
        });
    }
};

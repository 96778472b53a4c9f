<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** When students see the answers: at a time (answers_shown_at), when they hand in, or when they have theirs back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handouts', function (Blueprint $table): void {
            $table->string('answers_when', 10)->default('asked');
        });
    }
};

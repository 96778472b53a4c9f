<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A word of the teacher to those at work on a handout, or to one of them; and copies that wait. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('messages', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('handout_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->string('words', 300);
            $table->timestamp('created_at');
            $table->index(['handout_id', 'created_at']);
        });
        Schema::table('handouts', function (Blueprint $table): void {
            // Grows with each word that is said or taken away: whoever asks about a copy hears that there is news.
            $table->unsignedInteger('told')->default(0);
            $table->timestamp('held_at')->nullable();
            $table->timestamp('held_until')->nullable();
        });
    }
};

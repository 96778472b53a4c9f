<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What copies earn by the key and by hand, what teachers say to them, and when students get it back. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('copies', function (Blueprint $table): void {
            // The marks by the key, and for which key and which state of the copy they were worked out.
            $table->text('judged')->nullable();
            $table->string('judged_for', 80)->nullable();
            $table->timestamp('returned_at')->nullable();
            $table->timestamp('looked_at')->nullable();
        });
        Schema::table('handout_items', function (Blueprint $table): void {
            $table->unsignedInteger('markings')->default(0);
        });
        Schema::create('hand_marks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('copy_id')->constrained()->cascadeOnDelete();
            $table->string('place', 80);
            // In ten-thousandths of a point; null where it is to be looked at again.
            $table->unsignedInteger('points')->nullable();
            $table->foreignId('teacher_id')->nullable()->constrained()->nullOnDelete();
            // The marking of the item in which it was made: who has not seen that one does not write over it.
            $table->unsignedInteger('marking');
            $table->timestamp('made_at');
            $table->unique(['copy_id', 'place']);
        });
        Schema::create('comments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('copy_id')->constrained()->cascadeOnDelete();
            // Null where it is on the whole.
            $table->string('place', 80)->nullable();
            $table->text('words');
            $table->foreignId('teacher_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->index(['copy_id', 'place']);
        });
        Schema::create('phrases', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->string('words', 500);
            $table->unsignedInteger('used')->default(1);
            $table->timestamps();
            $table->unique(['teacher_id', 'words']);
        });
    }
};

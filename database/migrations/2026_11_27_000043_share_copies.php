<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Copies of a team or of a whole class: of no one student, with those whose they are beside them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('copies', function (Blueprint $table): void {
            $table->foreignId('student_id')->nullable()->change();
            $table->string('name', 100)->nullable();
            $table->foreignId('team_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('school_class_id')->nullable()->constrained()->nullOnDelete();
            $table->foreignId('asked_in_by')->nullable()->constrained('students')->nullOnDelete();
            $table->timestamp('asked_in_at')->nullable();
            $table->unique(['handout_item_id', 'team_id']);
            $table->unique(['handout_item_id', 'school_class_id']);
        });
        Schema::create('copy_students', function (Blueprint $table): void {
            $table->foreignId('copy_id')->constrained('copies')->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            // In ten-thousandths, as Marking\Points; null is what the copy earned.
            $table->unsignedBigInteger('points')->nullable();
            $table->timestamp('excused_at')->nullable();
            $table->primary(['copy_id', 'student_id']);
            $table->index('student_id');
        });
        Schema::create('presences', function (Blueprint $table): void {
            $table->foreignId('copy_id')->constrained('copies')->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->string('window', 32);
            $table->string('place', 100);
            $table->timestamp('seen_at');
            $table->primary(['copy_id', 'window']);
        });
        Schema::table('handout_classes', function (Blueprint $table): void {
            $table->foreignId('team_set_id')->nullable()->constrained()->nullOnDelete();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Sets of teams of a class. A student is in one team of a set, which the key of the table holds. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('team_sets', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('school_class_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->timestamps();
        });
        Schema::create('teams', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('team_set_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->unsignedInteger('position');
        });
        Schema::create('team_students', function (Blueprint $table): void {
            $table->foreignId('team_set_id')->constrained()->cascadeOnDelete();
            $table->foreignId('team_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->primary(['team_set_id', 'student_id']);
            $table->index('team_id');
            $table->index('student_id');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Links that open a copy without signing in; and guests, who come by one and are of no class. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('passes', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('handout_id')->constrained()->cascadeOnDelete();
            $table->string('kind');
            $table->foreignId('school_class_id')->nullable()->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->nullable()->constrained()->cascadeOnDelete();
            $table->string('code', 24)->unique();
            $table->timestamp('ends_at');
            $table->timestamps();
            $table->index(['handout_id', 'kind']);
        });
        Schema::table('students', function (Blueprint $table): void {
            $table->boolean('guest')->default(false);
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('editions', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('worksheet_id')->constrained();
            $table->string('name');
            $table->longText('places');
            $table->unsignedInteger('places_count');
            $table->unsignedInteger('pages_count');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('edition_pages', function (Blueprint $table): void {
            $table->foreignId('edition_id')->constrained()->cascadeOnDelete();
            $table->unsignedInteger('position');
            $table->foreignId('page_revision_id')->constrained();
            $table->foreignId('backdrop_id')->nullable()->constrained();
            $table->primary(['edition_id', 'position']);
            $table->index('backdrop_id');
        });
        Schema::create('handouts', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->string('title');
            $table->text('directions');
            $table->timestamp('due_at')->nullable();
            $table->unsignedInteger('points')->nullable();
            $table->timestamps();
        });
        Schema::create('handout_items', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('handout_id')->constrained()->cascadeOnDelete();
            $table->foreignId('edition_id')->constrained();
            $table->unsignedInteger('position');
            $table->string('mode', 20);
            $table->unique(['handout_id', 'position']);
        });
        // Handed to a whole class, a handout also reaches students who join it later.
        Schema::create('handout_classes', function (Blueprint $table): void {
            $table->foreignId('handout_id')->constrained()->cascadeOnDelete();
            $table->foreignId('school_class_id')->constrained()->cascadeOnDelete();
            $table->boolean('whole');
            $table->primary(['handout_id', 'school_class_id']);
            $table->index('school_class_id');
        });
        Schema::create('recipients', function (Blueprint $table): void {
            $table->foreignId('handout_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->primary(['handout_id', 'student_id']);
            $table->index('student_id');
        });
        Schema::create('copies', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('handout_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->string('state', 20);
            // Grows with whatever happens to the copy, so that a view can ask what it has not seen.
            $table->unsignedInteger('version')->default(0);
            $table->longText('work')->nullable();
            $table->unsignedInteger('filled')->default(0);
            $table->unsignedInteger('page')->default(1);
            $table->timestamp('changed_at')->nullable();
            $table->timestamp('handed_in_at')->nullable();
            $table->unique(['handout_item_id', 'student_id']);
            $table->index('student_id');
        });
    }
};

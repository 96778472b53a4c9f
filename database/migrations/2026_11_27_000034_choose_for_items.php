<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** An item may be for some of those who have the handout: an easier sheet beside a harder one. None here is for all. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('item_students', function (Blueprint $table): void {
            $table->foreignId('handout_item_id')->constrained()->cascadeOnDelete();
            $table->foreignId('student_id')->constrained()->cascadeOnDelete();
            $table->primary(['handout_item_id', 'student_id']);
            $table->index('student_id');
        });
    }
};

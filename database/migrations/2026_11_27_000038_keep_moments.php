<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Copies as they were at some time, and fresh ones in their place: now, or every school day. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::create('moments', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('copy_id')->constrained()->cascadeOnDelete();
            $table->string('kind', 20);
            $table->string('name', 100)->nullable();
            $table->unsignedInteger('attempt');
            // What was answered otherwise than at the moment before it: text by place, null where it was gone.
            $table->text('changes');
            $table->unsignedInteger('filled');
            // What a used copy had earned, and what was said of it.
            $table->text('marks')->nullable();
            $table->text('comments')->nullable();
            $table->timestamp('handed_in_at')->nullable();
            $table->timestamp('returned_at')->nullable();
            $table->timestamp('looked_at')->nullable();
            $table->timestamp('made_at');
            $table->index(['copy_id', 'id']);
        });
        Schema::table('copies', function (Blueprint $table): void {
            $table->unsignedInteger('attempt')->default(1);
        });
        Schema::table('handout_items', function (Blueprint $table): void {
            // A fresh copy each school day at that time of the school's clock, until that day; and the last day that
            // had one.
            $table->string('fresh_at', 5)->nullable();
            $table->date('fresh_until')->nullable();
            $table->date('freshened_on')->nullable();
        });
    }
};

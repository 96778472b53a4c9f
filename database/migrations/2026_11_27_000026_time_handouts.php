<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** From when and until when each student has a handout, and what was taken back of it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handouts', function (Blueprint $table): void {
            $table->timestamp('out_at')->nullable();
            $table->timestamp('closes_at')->nullable();
            $table->boolean('marks_late')->default(true);
            $table->timestamp('put_away_at')->nullable();
        });
        Schema::table('handout_items', function (Blueprint $table): void {
            $table->timestamp('withdrawn_at')->nullable();
        });
        // Times of a class of its own; without them it has those of the handout.
        Schema::table('handout_classes', function (Blueprint $table): void {
            $table->boolean('own_times')->default(false);
            foreach (['out_at', 'due_at', 'closes_at'] as $time) {
                $table->timestamp($time)->nullable();
            }
        });
        // What comes of all that for one student: so that one question answers what they have now.
        Schema::table('recipients', function (Blueprint $table): void {
            foreach (['out_at', 'due_at', 'closes_at', 'extended_to', 'withdrawn_at'] as $time) {
                $table->timestamp($time)->nullable();
            }
        });
        DB::statement('update handouts set out_at = created_at');
        DB::statement(
            'update recipients set
                out_at = (select out_at from handouts where handouts.id = recipients.handout_id),
                due_at = (select due_at from handouts where handouts.id = recipients.handout_id)',
        );
    }
};

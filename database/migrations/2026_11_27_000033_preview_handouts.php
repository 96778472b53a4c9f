<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A trial may be of a whole handout, as one student will see it. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handouts', function (Blueprint $table): void {
            $table->foreignId('preview_of')->nullable()->constrained('handouts')->cascadeOnDelete();
        });
    }
};

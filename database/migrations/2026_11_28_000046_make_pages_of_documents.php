<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Files that pages are first made of: what they were made from, how, and what may look otherwise since. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('originals', function (Blueprint $table): void {
            // The untouched file; "sha256" is then the PDF that was made of it. Null where that is the file itself.
            $table->string('made_from', 64)->nullable()->index();
            $table->foreign('made_from')->references('sha256')->on('stored_files');
            $table->text('choices')->nullable();
            $table->text('layout')->nullable();
            $table->text('pictures')->nullable();
            $table->timestamp('seen_at')->nullable();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** Pictures that weigh less: of printed pages, and of what lies on pages, as they are offered. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('backdrops', function (Blueprint $table): void {
            $table->string('light', 64)->nullable();
            $table->foreign('light')->references('sha256')->on('stored_files');
        });
        Schema::create('lighter_pictures', function (Blueprint $table): void {
            $table->string('sha256', 64);
            // How it was made lighter: Lightening::name.
            $table->string('name', 40);
            $table->string('made', 64);
            $table->timestamp('created_at');
            $table->primary(['sha256', 'name']);
            $table->foreign('sha256')->references('sha256')->on('stored_files')->cascadeOnDelete();
            $table->foreign('made')->references('sha256')->on('stored_files');
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('kits', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->string('name', 80);
            $table->longText('content'); // a page, as OpenSlate\Page\PageCodec writes it
            $table->timestamps();
        });
    }

    public function down(): void
    {
        Schema::drop('kits');
    }
};

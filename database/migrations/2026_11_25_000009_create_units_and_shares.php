<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::create('units', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->string('name');
            $table->unsignedInteger('position');
            $table->timestamps();
            $table->softDeletes();
            $table->index(['teacher_id', 'position']);
        });
        Schema::table('worksheets', function (Blueprint $table): void {
            $table->foreignId('unit_id')->nullable()->constrained()->nullOnDelete();
            $table->boolean('shared_with_school')->default(false);
            $table->longText('board')->nullable();
            $table->foreignId('board_page_id')->nullable()->constrained('pages')->nullOnDelete();
        });
        Schema::create('shares', function (Blueprint $table): void {
            $table->foreignId('worksheet_id')->constrained()->cascadeOnDelete();
            $table->foreignId('teacher_id')->constrained()->cascadeOnDelete();
            $table->timestamp('created_at')->nullable();
            $table->primary(['worksheet_id', 'teacher_id']);
            $table->index('teacher_id');
        });
    }
};

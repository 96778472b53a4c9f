<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pages', function (Blueprint $table): void {
            $table->string('role', 20)->default('unknown');
            $table->string('role_reason', 250)->default('');
            $table->string('section', 80)->nullable();
            $table->text('links')->nullable();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // What was made by a form that was sent, by the token that the form carried; null while it is being made.
        Schema::create('made_once', function (Blueprint $table): void {
            $table->string('token', 100)->primary();
            $table->text('answer')->nullable();
            $table->timestamp('created_at')->index();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Which worker has taken it, so that another can be started in its place and take it up.
        Schema::table('jobs', function (Blueprint $table): void {
            $table->string('worker', 20)->nullable();
        });
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // A teacher's own copy, to try a worksheet as a student: it counts nowhere, and is thrown away.
        foreach (['editions', 'handouts'] as $name) {
            Schema::table($name, function (Blueprint $table): void {
                $table->boolean('trial')->default(false);
            });
        }
    }
};

<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        // Guesses at somebody's PIN or password that were not right, by the device and the address they came from.
        Schema::create('wrong_guesses', function (Blueprint $table): void {
            $table->string('account', 50);
            $table->char('device', 24);
            $table->string('address', 45);
            $table->unsignedInteger('times');
            $table->unsignedBigInteger('last_at');
            $table->primary(['account', 'device', 'address']);
            $table->index(['device', 'last_at']);
            $table->index('last_at');
        });
        // Devices on which somebody has been signed in.
        Schema::create('known_devices', function (Blueprint $table): void {
            $table->string('account', 50);
            $table->char('device', 24);
            $table->timestamp('created_at')->nullable();
            $table->primary(['account', 'device']);
        });
    }
};

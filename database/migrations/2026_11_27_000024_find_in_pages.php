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
            // What can be found on the page, and the revision of which that is so: see App\Actions\FindOnShelf.
            $table->longText('sought')->nullable();
            $table->unsignedInteger('sought_of')->nullable();
        });
    }
};

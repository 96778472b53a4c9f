<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** A key is right answers; what links name is the page's anchor. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('pages', fn (Blueprint $table) => $table->renameColumn('key', 'anchor'));
    }

    public function down(): void
    {
        Schema::table('pages', fn (Blueprint $table) => $table->renameColumn('anchor', 'key'));
    }
};

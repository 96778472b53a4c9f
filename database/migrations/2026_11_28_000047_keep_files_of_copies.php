<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\Schema;

/** What a student puts on a copy is a picture or a recording. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::rename('copy_pictures', 'copy_files');
    }
};

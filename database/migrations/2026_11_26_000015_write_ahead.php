<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Support\Facades\DB;

/* The file remembers it: to ask for it at every connection takes longer than the usual query. */
return new class extends Migration
{
    /** It cannot be changed within a transaction. */
    public $withinTransaction = false;

    public function up(): void
    {
        if (DB::getDriverName() === 'sqlite') {
            DB::statement('PRAGMA journal_mode = WAL');
        }
    }
};

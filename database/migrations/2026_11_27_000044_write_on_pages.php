<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\Schema;

/** What a teacher writes on a page, beside its places: words at a spot, and with a pen; and what they say aloud. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('comments', function (Blueprint $table): void {
            $table->integer('page')->nullable();
            // Of a spot, in points from the top left of the page; null where it is drawn.
            $table->float('x')->nullable();
            $table->float('y')->nullable();
            $table->longText('ink')->nullable();
            // Of a spoken comment, the file.
            $table->char('sound', 64)->nullable();
            $table->index('sound');
        });
    }
};

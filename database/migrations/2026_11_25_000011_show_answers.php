<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

return new class extends Migration
{
    public function up(): void
    {
        Schema::table('handouts', function (Blueprint $table): void {
            // Clips that are answers are kept back from students until then.
            $table->dateTime('answers_shown_at')->nullable();
        });
        // A place was its kind of answer; now it is an object with all that the answer may be.
        foreach (DB::table('editions')->get(['id', 'places']) as $edition) {
            $places = array_map(
                fn (mixed $place): mixed => is_string($place) ? ['answer' => $place] : $place,
                (array) json_decode($edition->places, true),
            );
            DB::table('editions')
                ->where('id', $edition->id)
                ->update(['places' => json_encode((object) $places, JSON_THROW_ON_ERROR)]);
        }
    }
};

<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\SchoolClass;
use App\Models\Teacher;
use Illuminate\Database\Eloquent\Factories\Factory;
use Illuminate\Support\Str;

/** @extends Factory<SchoolClass> */
final class SchoolClassFactory extends Factory
{
    protected $model = SchoolClass::class;

    public function definition(): array
    {
        return [
            'teacher_id' => Teacher::factory(),
            'name' => fake()->unique()->bothify('# ???'),
            'code' => Str::upper(Str::random(6)),
        ];
    }
}

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
            'name' => fake()->unique()->bothify('# ???'),
            'code' => Str::upper(Str::random(6)),
        ];
    }

    public function of(Teacher $teacher): self
    {
        return $this->hasAttached($teacher);
    }

    public function configure(): self
    {
        return $this->afterCreating(
            fn (SchoolClass $class) => $class->teachers()->exists() ||
                $class->teachers()->attach(Teacher::factory()->create()),
        );
    }
}

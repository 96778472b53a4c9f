<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Student;
use Illuminate\Database\Eloquent\Factories\Factory;

/** @extends Factory<Student> */
final class StudentFactory extends Factory
{
    protected $model = Student::class;

    public function definition(): array
    {
        return ['name' => fake()->name(), 'pin' => '2468'];
    }
}

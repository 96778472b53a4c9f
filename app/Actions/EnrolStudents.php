<?php

declare(strict_types=1);

namespace App\Actions;

use App\Models\SchoolClass;
use App\Models\Student;
use Illuminate\Support\Facades\DB;

/** Students who are new at the school come into a class, each with a PIN. */
final class EnrolStudents
{
    public function __construct(private JoinClass $join)
    {
    }

    /**
     * @param  list<string>  $names
     * @return list<array{name: string, pin: string}>
     */
    public function __invoke(SchoolClass $class, array $names): array
    {
        return DB::transaction(function () use ($class, $names): array {
            $made = $ids = [];
            foreach ($names as $name) {
                $pin = $class->newPin();
                // A school comes at once: no model for each of a thousand.
                $ids[] = DB::table('students')->insertGetId([
                    'name' => $name,
                    'pin' => Student::sealed($pin),
                    'created_at' => now(),
                    'updated_at' => now(),
                ]);
                $made[] = ['name' => $name, 'pin' => $pin];
            }
            ($this->join)($class, $ids);

            return $made;
        });
    }
}

<?php

declare(strict_types=1);

namespace Tests\Core\ClassLists;

use OpenSlate\ClassLists\PersonName;
use PHPUnit\Framework\TestCase;

final class PersonNameTest extends TestCase
{
    public function test_a_name_in_one_field_is_parted_into_first_and_last(): void
    {
        $names = [
            'Nia Penrose' => ['Nia', 'Penrose'],
            'Nia' => ['Nia', ''],
            '' => ['', ''],
            'Penrose, Nia' => ['Nia', 'Penrose'],
            'van der Berg, Nia' => ['Nia', 'van der Berg'],
            'Nia van der Berg' => ['Nia', 'van der Berg'],
            'Nia Ana Van Der Berg' => ['Nia Ana', 'Van Der Berg'],
            'Nia de la Cruz' => ['Nia', 'de la Cruz'],
            'Van Morris' => ['Van', 'Morris'],
            'Al van Morris' => ['Al', 'van Morris'],
            'Nia Ana Penrose' => ['Nia Ana', 'Penrose'],
            '12. Nia Penrose' => ['Nia', 'Penrose'],
            '(3) Nia Penrose' => ['Nia', 'Penrose'],
            '7: Nia Penrose' => ['Nia', 'Penrose'],
            '• Nia Penrose' => ['Nia', 'Penrose'],
            '-Nia Penrose' => ['-Nia', 'Penrose'],
            '1234. Nia' => ['1234.', 'Nia'],
            "Nia\u{00A0}\u{00A0}Penrose" => ['Nia', 'Penrose'],
            "\u{200E}Nia\tPen\u{00AD}rose " => ['Nia', 'Penrose'],
        ];
        foreach ($names as $text => $expected) {
            $name = PersonName::parse((string) $text);
            $this->assertSame($expected, [$name->first, $name->last], "\"{$text}\"");
        }
    }

    public function test_names_in_two_fields_stay_as_they_are(): void
    {
        $name = PersonName::of(' 3. Nia  Ana', "van  der\u{00A0}Berg ");
        $this->assertSame(['Nia Ana', 'van der Berg'], [$name->first, $name->last]);
    }
}

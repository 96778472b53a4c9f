<?php

declare(strict_types=1);

namespace Tests\Core\Conversion;

use OpenSlate\Conversion\ControlKind;
use OpenSlate\Conversion\FormControl;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FormControlTest extends TestCase
{
    // Names that programs give by themselves: from memory.
    #[TestWith(['Text1', ''])]
    #[TestWith(['Check12', ''])]
    #[TestWith(['DropDown3', ''])]
    #[TestWith(['__Fieldmark__0_1734', ''])]
    #[TestWith(['Bookmark', ''])]
    #[TestWith(['unnamed', ''])]
    #[TestWith([' Name of the boat ', 'Name of the boat'])]
    #[TestWith(['Text1 of the day', 'Text1 of the day'])]
    #[TestWith(['Text', 'Text'])]
    #[TestWith(['', ''])]
    public function test_a_name_counts_only_where_somebody_gave_it(string $name, string $counts): void
    {
        $this->assertSame($counts, (new FormControl(ControlKind::Line, $name))->name);
    }
}

<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\Pdf\PdfObjects;
use Tests\Support\PdfMaker;
use Tests\TestCase;

final class PdfObjectsTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = (string) realpath(sys_get_temp_dir()).'/objects-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_the_pages_of_a_file_are_those_it_has_whatever_lay_in_its_place_before(): void
    {
        $path = "{$this->folder}/a.pdf";
        file_put_contents($path, PdfMaker::pages(2));
        $objects = new PdfObjects;
        $this->assertCount(2, $objects->pages($path));

        file_put_contents($path, PdfMaker::pages(3));
        $this->assertCount(3, $objects->pages($path));
    }

    public function test_of_several_files_each_has_its_own_pages(): void
    {
        $objects = new PdfObjects;
        foreach ([1, 2, 3] as $count) {
            file_put_contents("{$this->folder}/{$count}.pdf", PdfMaker::pages($count));
        }
        foreach ([1, 2, 2, 3, 1] as $count) {
            $this->assertCount($count, $objects->pages("{$this->folder}/{$count}.pdf"));
        }
    }
}

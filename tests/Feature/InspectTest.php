<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\StoredFile;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Support\Facades\Artisan;
use Tests\Support\PdfMaker;
use Tests\TestCase;

final class InspectTest extends TestCase
{
    use RefreshDatabase;

    public function test_it_says_what_it_sees_and_keeps_nothing(): void
    {
        $path = PdfMaker::file(
            PdfMaker::make([
                ['words' => 'Three useful knots'],
                ['crop' => '0 0 300 300', 'rotate' => 90, 'words' => 'off the crop'],
            ]),
        );

        $this->assertSame(0, Artisan::call('slate:inspect', ['file' => $path, '--json' => true]));
        $this->assertSame(
            [
                'format' => 'pdf',
                'pages' => [
                    [
                        'number' => 1,
                        'width' => 612,
                        'height' => 792,
                        'words' => 3,
                        'images' => 0,
                        'role' => 'unknown',
                        'role_confidence' => 0.5,
                        'role_reason' => 'too little tells what it is for',
                        'section' => null,
                        'links' => [],
                        'blanks' => [],
                        'questions' => [],
                    ],
                    [
                        'number' => 2,
                        'width' => 300,
                        'height' => 300,
                        'words' => 0,
                        'images' => 0,
                        'role' => 'blank',
                        'role_confidence' => 0.99,
                        'role_reason' => 'nothing is printed on it',
                        'section' => null,
                        'links' => [],
                        'blanks' => [],
                        'questions' => [],
                    ],
                ],
                'sections' => [],
            ],
            json_decode(Artisan::output(), true),
        );
        $this->assertSame(0, StoredFile::count());
    }

    public function test_pictures_are_counted(): void
    {
        Artisan::call('slate:inspect', ['file' => database_path('demo/knots-photo.pdf'), '--json' => true]);
        $page = json_decode(Artisan::output(), true)['pages'][0];

        $this->assertSame(1, $page['images']);
        $this->assertGreaterThan(30, $page['words'], 'those that can be read in the picture');
        // 210 x 280 mm.
        $this->assertEqualsWithDelta(595.3, $page['width'], 0.5);
        $this->assertEqualsWithDelta(793.7, $page['height'], 0.5);
    }

    public function test_only_the_pages_asked_for(): void
    {
        $file = database_path('demo/working-harbour-pack.pdf');
        Artisan::call('slate:inspect', ['file' => $file, '--json' => true, '--pages' => '18-, 2']);
        $this->assertSame([18, 19, 20, 2], array_column(json_decode(Artisan::output(), true)['pages'], 'number'));

        $this->assertSame(1, Artisan::call('slate:inspect', ['file' => $file, '--json' => true, '--pages' => '30']));
        $this->assertSame('unusable_range', json_decode(Artisan::output(), true)['error']['code']);
    }

    public function test_a_pack_is_told_apart(): void
    {
        Artisan::call('slate:inspect', ['file' => database_path('demo/working-harbour-pack.pdf'), '--json' => true]);
        $seen = json_decode(Artisan::output(), true);

        $this->assertSame(
            ['cover', 'terms', 'contents', 'guide', 'guide', ...array_fill(0, 12, 'student'), 'key', 'key', 'credits'],
            array_column($seen['pages'], 'role'),
        );
        $this->assertSame(['label' => 'Activity 3', 'from' => 9, 'to' => 11], $seen['sections'][2]);
        $this->assertSame(['label' => 'Activity 3', 'index' => 3], $seen['pages'][9]['section']);
        $this->assertSame('titled “Answer key”', $seen['pages'][17]['role_reason']);
        $this->assertSame(
            [['words' => 'films.example/harbour-tides', 'target' => 'https://films.example/harbour-tides']],
            $seen['pages'][3]['links'],
        );
        $this->assertSame([], $seen['pages'][5]['links']);
    }

    public function test_a_file_that_is_not_there_is_refused(): void
    {
        $this->assertSame(1, Artisan::call('slate:inspect', ['file' => '/nowhere/at/all.pdf', '--json' => true]));
        $this->assertSame('not_found', json_decode(Artisan::output(), true)['error']['code']);
    }

    public function test_questions_are_told_with_their_blanks(): void
    {
        $file = base_path('tests/blanks/classes/questions.pdf');
        Artisan::call('slate:inspect', ['file' => $file, '--json' => true, '--pages' => '4']);
        [$page] = json_decode(Artisan::output(), true, flags: JSON_THROW_ON_ERROR)['pages'];

        $this->assertSame(['1', '1a', '1b', '2', '2a', '2b'], array_column($page['questions'], 'number'));
        $this->assertSame([[0, 1], [0], [1], [2, 3], [2], [3]], array_column($page['questions'], 'blanks'));
        foreach ($page['questions'] as $question) {
            $this->assertSame(['number', 'x', 'y', 'width', 'height', 'blanks'], array_keys($question));
            $this->assertGreaterThan(10, $question['height']);
        }
    }
}

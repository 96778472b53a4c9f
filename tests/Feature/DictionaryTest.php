<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\Dictionary;
use PHPUnit\Framework\TestCase;

/** Words are found by halving a sorted list. */
final class DictionaryTest extends TestCase
{
    private string $folder;

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/words-'.getmypid();
        mkdir($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("{$this->folder}/*") ?: []);
        rmdir($this->folder);
    }

    public function test_every_word_that_is_there_is_found_and_no_other(): void
    {
        $words = ['ebb', 'Anemone', "can't", 'zoo', 'a', 'über', 'tide', 'tides', 'tid', "\u{e9}tude"];
        $dictionary = $this->dictionary($words, ['tide', 'gray']);
        foreach (['ebb', 'anemone', "can't", 'zoo', 'a', 'über', 'tide', 'tides', 'tid', 'étude', 'gray'] as $word) {
            $this->assertTrue($dictionary->has($word), $word);
        }
        foreach (['', 'eb', 'ebbs', 'zz', 'zoos', 'aa', '0', "tide\ntides", 'Anemone', 'ü', "\n"] as $word) {
            $this->assertFalse($dictionary->has($word), $word);
        }
    }

    public function test_all_words_of_random_lists_are_found(): void
    {
        mt_srand(9);
        for ($run = 0; $run < 40; $run++) {
            $words = array_map(
                fn (): string => implode(
                    '',
                    array_map(fn (): string => chr(mt_rand(97, 101)), range(1, mt_rand(1, 4))),
                ),
                range(1, mt_rand(1, 60)),
            );
            $dictionary = $this->dictionary($words, []);
            for ($n = 0; $n < 60; $n++) {
                $word = implode('', array_map(fn (): string => chr(mt_rand(97, 101)), range(1, mt_rand(1, 4))));
                $this->assertSame(in_array($word, $words, true), $dictionary->has($word), $word);
            }
        }
    }

    public function test_a_list_that_has_changed_is_read_anew_and_one_that_is_gone_is_empty(): void
    {
        $this->assertFalse($this->dictionary(['ebb'], [])->has('flood'));
        $this->assertTrue($this->dictionary(['ebb', 'flood'], [])->has('flood'));
        $this->assertFalse((new Dictionary(['/no/such/file'], $this->folder))->has('ebb'));
        $this->assertTrue(
            $this->dictionary(['ebb'], ['x'], '/proc/no-such-folder')->has('ebb'),
            'a disk that takes nothing',
        );
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     */
    private function dictionary(array $one, array $other, ?string $folder = null): Dictionary
    {
        file_put_contents("{$this->folder}/one", implode("\n", $one)."\n");
        file_put_contents("{$this->folder}/other", implode("\n", $other));
        clearstatcache();
        array_map(unlink(...), glob("{$this->folder}/words-*") ?: []);

        return new Dictionary(["{$this->folder}/one", "{$this->folder}/other"], $folder ?? $this->folder);
    }
}

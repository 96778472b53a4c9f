<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Documents\FileRefused;
use App\Documents\PageCounts;
use App\Documents\PdfPage;
use App\Documents\PdfReader;
use Illuminate\Console\Command;
use OpenSlate\Trim\PageRange;
use OpenSlate\Trim\UnusableRange;

/** Says what the program sees in a file, without keeping it. */
final class Inspect extends Command
{
    protected $signature = 'slate:inspect {file : A PDF} {--pages= : Which pages, such as 1-5, 8, 11-} {--json : As JSON}';

    protected $description = 'Say what the program sees in a PDF, without keeping it';

    public function handle(PdfReader $reader, PageCounts $counts): int
    {
        try {
            $seen = $this->look($reader, $counts);
        } catch (FileRefused $refusal) {
            return $this->refuse($refusal->reason, $refusal->getMessage());
        } catch (UnusableRange $problem) {
            return $this->refuse('unusable_range', $problem->getMessage());
        }
        if ($this->option('json')) {
            $this->line(self::json(['pages' => $seen, 'sections' => []]));
        } else {
            $this->table(['Page', 'Width pt', 'Height pt', 'Words', 'Images'], array_map(
                fn (array $page): array => [$page['number'], $page['width'], $page['height'], $page['words'], $page['images']],
                $seen,
            ));
        }

        return self::SUCCESS;
    }

    /**
     * @return list<array{number: int, width: float, height: float, words: int, images: int, role: null, section: null, links: list<never>, blanks: list<never>}>
     */
    private function look(PdfReader $reader, PageCounts $counts): array
    {
        $path = (string) $this->argument('file');
        $pages = $reader->pages($path);
        $range = $this->option('pages');
        $wanted = is_string($range) ? PageRange::parse($range, count($pages)) : range(1, count($pages));
        $words = $counts->words($path, count($pages));
        $images = $counts->images($path, count($pages));
        $byNumber = array_column($pages, null, 'number');

        return array_map(function (int $number) use ($byNumber, $words, $images): array {
            /** @var PdfPage $page */
            $page = $byNumber[$number];

            return [
                'number' => $number,
                'width' => $page->size->width,
                'height' => $page->size->height,
                'words' => $words[$number],
                'images' => $images[$number],
                'role' => null,
                'section' => null,
                'links' => [],
                'blanks' => [],
            ];
        }, $wanted);
    }

    private function refuse(string $code, string $message): int
    {
        if ($this->option('json')) {
            $this->line(self::json(['error' => ['code' => $code, 'message' => $message]]));
        } else {
            $this->error($message);
        }

        return self::FAILURE;
    }

    private static function json(mixed $value): string
    {
        return json_encode($value, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}

<?php

declare(strict_types=1);

namespace App\Documents\Pdf;

use App\Documents\FileRefused;
use App\Documents\PrintedLink;
use InvalidArgumentException;
use Normalizer;
use OpenSlate\Elements\LinkTarget;
use OpenSlate\Geometry\Frame;
use OpenSlate\Text\PageText;

/**
 * Reads the links to the web on the pages of a PDF (ISO 32000-1, 12.5.6.5 and 12.6.4.7), with the words they lie on.
 */
final class PageLinks
{
    private const MOST_ON_A_PAGE = 200;

    /** Rectangles of links are often a hair smaller than their words, in points. */
    private const SLACK = 1.0;

    public function __construct(private PdfReader $reader, private PdfObjects $objects)
    {
    }

    /**
     * @param  list<PageText>  $texts  of all pages
     * @return array<int, list<PrintedLink>> by page number, in the order of reading
     *
     * @throws FileRefused
     */
    public function read(string $path, array $texts): array
    {
        $links = [];
        $boxes = null;
        foreach ($this->annotations($path) as $number => $annotations) {
            $boxes ??= $this->reader->boxes($path);
            $page = $texts[$number - 1] ?? null;
            if ($page === null || ! isset($boxes[$number])) {
                continue;
            }
            foreach ($annotations as [$rectangle, $target]) {
                $frame = $boxes[$number]->place($rectangle);
                if ($frame->width >= 1 && $frame->height >= 1 && $page->size->frame()->contains($frame)) {
                    $links[$number][] = new PrintedLink($this->words($page, $frame), $target, $frame);
                }
            }
            $links[$number] = $this->joined($links[$number] ?? []);
        }

        return $links;
    }

    /**
     * @return array<int, list<array{array{float, float, float, float}, LinkTarget}>>  rectangle and target by page
     *                                                                                 number
     */
    private function annotations(string $path): array
    {
        $links = $this->objects->annotations($path, '/Link', self::MOST_ON_A_PAGE);
        $actions = $this->objects->followed($path, array_map(fn (array $link): mixed => $link['/A'] ?? null, $links));
        $found = [];
        foreach ($links as $place => $link) {
            $number = (int) $place;
            $action = $actions[$place];
            $rectangle = $this->rectangle($link['/Rect'] ?? null);
            $target =
                is_array($action) && ($action['/S'] ?? null) === '/URI' ? $this->target($action['/URI'] ?? null) : null;
            if ($rectangle !== null && $target !== null) {
                $found[$number][] = [$rectangle, $target];
            }
        }

        return $found;
    }

    /** @return array{float, float, float, float}|null */
    private function rectangle(mixed $value): ?array
    {
        if (
            ! is_array($value) ||
            count($value) !== 4 ||
            array_filter($value, fn (mixed $number): bool => ! is_int($number) && ! is_float($number)) !== []
        ) {
            return null;
        }
        [$a, $b, $c, $d] = array_values($value);

        return [(float) $a, (float) $b, (float) $c, (float) $d];
    }

    private function target(mixed $value): ?LinkTarget
    {
        $address = TextString::read($value);
        try {
            $target = mb_strlen($address) <= LinkTarget::LONGEST ? LinkTarget::of($address) : null;
        } catch (InvalidArgumentException) {
            return null;
        }

        return $target?->anchor() === null ? $target : null;
    }

    private function words(PageText $page, Frame $frame): string
    {
        $area = Frame::of(
            $frame->x - self::SLACK,
            $frame->y - self::SLACK,
            $frame->width + 2 * self::SLACK,
            $frame->height + 2 * self::SLACK,
        );
        $words = [];
        foreach ($page->lines as $line) {
            foreach ($line->words as $word) {
                if (
                    $area->contains(Frame::of($word->frame->x + $word->frame->width / 2, $word->frame->middle(), 0, 0))
                ) {
                    $words[] = $word->text;
                }
            }
        }
        $text = implode(' ', $words);

        // Printed ligatures are letters again; the full stop behind a link often touches it.
        return rtrim(trim(Normalizer::normalize($text, Normalizer::FORM_KC) ?: $text), '.,;:');
    }

    /**
     * A link that runs over two lines has two places; whoever lists it reads it once, with all its words.
     *
     * @param  list<PrintedLink>  $links
     * @return list<PrintedLink>
     */
    private function joined(array $links): array
    {
        $all = [];
        foreach ($links as $link) {
            $last = array_key_last($all);
            $wraps =
                $last !== null &&
                $all[$last]->target == $link->target &&
                $all[$last]->words !== $link->words &&
                abs($link->frame->y - $all[$last]->frame->bottom()) < $link->frame->height;
            if ($wraps) {
                $all[$last] = new PrintedLink(
                    trim("{$all[$last]->words} {$link->words}"),
                    $link->target,
                    Frame::around([$all[$last]->frame, $link->frame]),
                );
            } else {
                $all[] = $link;
            }
        }

        return $all;
    }
}

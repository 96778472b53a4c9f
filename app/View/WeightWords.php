<?php

declare(strict_types=1);

namespace App\View;

use OpenSlate\Page\Page;
use OpenSlate\Page\Tags;
use OpenSlate\Weight\PageWeight;
use OpenSlate\Weight\WeighedFile;
use OpenSlate\Weight\WeighedKind;

/** What pages weigh, in words. */
final class WeightWords
{
    /** Of megabytes there are a million bytes, as networks count them. */
    public static function of(int $bytes): string
    {
        return match (true) {
            $bytes >= 9_950_000 => sprintf('%d MB', (int) round($bytes / 1_000_000)),
            $bytes >= 950_000 => sprintf('%.1f MB', $bytes / 1_000_000),
            default => sprintf('%d KB', (int) ceil($bytes / 1000)),
        };
    }

    public static function forClass(int $bytes): string
    {
        return self::of($bytes * PageWeight::CLASS_OF);
    }

    /** On the contact sheet. */
    public static function short(PageWeight $weight): string
    {
        $loaded = $weight->loaded() === 0
            ? 'no pictures to load'
            : self::of($weight->loaded()).', '.self::forClass($weight->loaded()).' for '.PageWeight::CLASS_OF;

        return $weight->played() === 0
            ? $loaded
            : $loaded.'; played, '.self::of($weight->played() + $weight->loaded());
    }

    /** Why a page is heavy. */
    public static function why(PageWeight $weight, Page $page): string
    {
        $heaviest = $weight->heaviest();
        if ($heaviest === null) {
            return '';
        }
        $most = self::named($heaviest, $page).' alone has '.self::of($heaviest->bytes);

        return $heaviest->bytes * 2 >= $weight->loaded()
            ? "Heavy: {$most}."
            : 'Heavy: '.Count::of(count($weight->files), 'picture')." together; {$most}.";
    }

    /** What of a page weighs. */
    public static function named(WeighedFile $file, Page $page): string
    {
        $tag = $file->element === null ? '' : ' '.(Tags::of($page)[$file->element] ?? '');

        return match ($file->kind) {
            WeighedKind::Print => 'the print of the page',
            WeighedKind::Picture => "the picture{$tag}",
            WeighedKind::Part => "a picture of the part{$tag}",
            WeighedKind::Clip => "the clip{$tag}",
            WeighedKind::Recording => "the recording{$tag}",
        };
    }
}

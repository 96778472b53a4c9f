<?php

declare(strict_types=1);

namespace App;

use OpenSlate\Format\PageCodec;
use OpenSlate\Page\Page;

/** The kits that come with the program, each a file in database/kits with a name, what it is for, and a page. */
final class ShippedKits
{
    /** @return array<string, array{name: string, about: string}> by the name of the file */
    public static function all(): array
    {
        $kits = [];
        foreach (glob(self::folder().'/*.json') ?: [] as $file) {
            ['name' => $name, 'about' => $about] = self::read($file);
            $kits[basename($file, '.json')] = ['name' => $name, 'about' => $about];
        }

        return $kits;
    }

    public static function find(string $slug): ?Page
    {
        $file = self::folder()."/{$slug}.json";

        return preg_match('/^[a-z-]{1,40}$/D', $slug) === 1 && is_file($file)
            ? PageCodec::decode((string) json_encode(self::read($file)['page']))
            : null;
    }

    /** @return array{name: string, about: string, page: mixed} */
    private static function read(string $file): array
    {
        return json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
    }

    private static function folder(): string
    {
        return dirname(__DIR__).'/database/kits';
    }
}

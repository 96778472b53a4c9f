<?php

declare(strict_types=1);

namespace App\Http;

/** The names by which a browser may call the program: a made-up one is not reflected in any address. */
final class TrustedNames
{
    /** @return list<string> patterns; one that fits any name where none are given */
    public static function patterns(): array
    {
        /** @var list<string> $names */
        $names = config('slate.hosts');
        $url = parse_url((string) config('slate.url'), PHP_URL_HOST);
        if (is_string($url)) {
            $names[] = $url;
        }

        return $names === []
            ? ['.*']
            : array_map(fn (string $name): string => '^'.preg_quote($name).'$', array_values(array_unique($names)));
    }
}

<?php

declare(strict_types=1);

namespace App\View;

use Collator;
use Locale;
use ResourceBundle;

/** The languages that worksheets may be in, by their names (ISO 639-1, from ICU). */
final class Languages
{
    /** @return array<string, string> names by language tag, in the order of the names */
    public static function names(): array
    {
        $names = [];
        foreach (ResourceBundle::getLocales('') ?: [] as $locale) {
            $language = (string) Locale::getPrimaryLanguage($locale);
            if (strlen($language) === 2) {
                $names[$language] = (string) Locale::getDisplayLanguage($language, 'en');
            }
        }
        (new Collator('en'))->asort($names);

        return $names;
    }
}

<?php

declare(strict_types=1);

namespace App\View;

/**
 * The ways to arrange things, as one small picture: a page with a ruler on its left and one at its foot, beside it what
 * spaces things, and what puts them above and below each other.
 */
final class Arranger
{
    /** By what each does: its words, its place (row / column, and how many), and its sign in a square of 24. */
    public const ALL = [
        'align top' => ['Line up their tops', '1 / 1', 'M3 4h18M7 8v12M15 8v7'],
        'align middle' => ['Line up their middles, one beside the other', '2 / 1', 'M3 12h18M7 5v14M15 8v8'],
        'align bottom' => ['Line up their feet', '3 / 1', 'M3 20h18M7 4v12M15 9v7'],
        'centre' => ['Put in the middle of the page', '1 / 2 / span 3 / span 3', 'M5 2h14v20H5zM9 10h6v4H9z'],
        'align left' => ['Line up their left sides', '4 / 2', 'M4 3v18M8 7h12M8 15h7'],
        'align centre' => ['Line up their middles, one below the other', '4 / 3', 'M12 3v18M5 7h14M8 15h8'],
        'align right' => ['Line up their right sides', '4 / 4', 'M20 3v18M4 7h12M9 15h7'],
        'space across' => ['The same room between them, across', '1 / 5', 'M4 4v16M20 4v16M9.5 8h5v8h-5z'],
        'space down' => ['The same room between them, down', '2 / 5', 'M4 4h16M4 20h16M8 9.5h8v5H8z'],
        'stack' => ['Close below each other', '3 / 5', 'M6 3h12v5H6zM6 9.5h12v5H6zM6 16h12v5H6z'],
        'order front' => ['Above everything', '1 / 6', 'M12 21V7M7 12l5-5 5 5M5 3h14'],
        'order forward' => ['Above the next', '2 / 6', 'M12 20V5M6 11l6-6 6 6'],
        'order backward' => ['Below the next', '3 / 6', 'M12 4v15M6 13l6 6 6-6'],
        'order back' => ['Below everything', '4 / 6', 'M12 3v14M7 12l5 5 5-5M5 21h14'],
    ];
}

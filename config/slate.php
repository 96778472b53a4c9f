<?php

declare(strict_types=1);

return [
    // The address that people type, where it is another than the one that is listened on; and the names by which the
    // program may be called (none: any).
    'url' => env('SLATE_URL'),
    'hosts' => array_values(array_filter(explode(',', (string) env('SLATE_HOSTS', '')))),

    // Words that are no misspellings of others: a file of one in each line, of Debian's wbritish and wamerican.
    'dictionaries' => ['/usr/share/dict/british-english-large', '/usr/share/dict/american-english-large'],

    // Until the first visit has said better.
    'school' => [
        'name' => env('SLATE_SCHOOL', 'Saltmarsh Quay School'),
        'timezone' => env('SLATE_TIMEZONE', 'Europe/London'),
    ],

    // Whether a mail server is set up (MAIL_MAILER and what belongs to it): links for teachers are sent by it as well.
    'mail' => env('MAIL_MAILER') !== null,

    // What a file that is brought in may be at most, and take: seconds of the processor, over all programs together.
    'files' => [
        'seconds_of_a_turn' => 2, // so short that others need not wait, so long that handing over costs little
        'seconds_for_reading' => 20,
        'seconds_for_converting' => 120,
        'seconds_for_each_picture' => 6,
        'seconds_for_each_page' => 3,
        'most_bytes' => 100 * 1024 * 1024,
        'most_pages' => 300,
        'most_pictures' => 60, // photos or scanned pages in one file: each is cut out, flattened and looked at
    ],

    // What a picture for a page may be at most; browsers make larger ones smaller before they send them.
    'pictures' => [
        'most_bytes' => 5 * 1024 * 1024,
    ],

    // What is said aloud or filmed.
    'recordings' => [
        'most_bytes' => 20 * 1024 * 1024,
        'most_seconds' => OpenSlate\Elements\Recording::LONGEST,
        'seconds' => 90, // of the processor, for writing one anew
    ],

    // Pictures and recordings that a student puts on copies.
    'answers' => [
        'most_files_a_day' => 60,
    ],

    // Pages that leave as PDF: what lays them out, and what it may take, in seconds of the processor.
    'printing' => [
        'browser' => env('SLATE_BROWSER', 'chromium'),
        'megabytes' => 8192, // written to; a browser asks for far more addresses than it uses
        'seconds' => 40,
        'seconds_for_each_page' => 2,
        'most_pages' => 1000, // in one file
    ],

    // Packages of worksheets that are brought in: what is unpacked of one, and the seconds of looking at it.
    'packages' => [
        'most_bytes' => 500 * 1024 * 1024,
        'seconds' => 60,
    ],

    // What another program may take when it works on one file.
    'tools' => [
        'seconds' => 20,
        'megabytes' => 2048,
        'processes' => (int) env('SLATE_PROCESSES', 0), // 0: as many as there are cores
    ],
];

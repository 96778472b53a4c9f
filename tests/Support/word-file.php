<?php

declare(strict_types=1);

// Writes a document with form fields, tracked changes and a font that nobody has, for tests of the browser.

require __DIR__.'/../../vendor/autoload.php';

use Tests\Support\WordFile;

$file = (new WordFile('Quaymark'))
    ->paragraph('A walk round the harbour, '.bin2hex(random_bytes(4)))
    ->paragraph(WordFile::run('Boat ').WordFile::control('Boat', '<w:text/>', WordFile::run('Write here.')))
    ->paragraph(
        WordFile::run('Tide ').WordFile::control(
            'Tide',
            '<w:dropDownList><w:listItem w:displayText="ebb" w:value="1"/>'
                .'<w:listItem w:displayText="flood" w:value="2"/></w:dropDownList>',
            WordFile::run('Choose.'),
        ),
    )
    ->paragraph(WordFile::run('Dry ').WordFile::formField('Dry', '<w:checkBox/>', 'FORMCHECKBOX'))
    ->paragraph('<w:del w:id="1"><w:r><w:delText>ebbing</w:delText></w:r></w:del><w:ins w:id="2">'
        .WordFile::run('rising').'</w:ins>');
$file->pagesSaid(2)->write($argv[1]);

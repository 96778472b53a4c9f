<?php

declare(strict_types=1);

// Writes a photo of a sheet on a wooden table, for tests of the browser.

require __DIR__.'/../../vendor/autoload.php';

use Tests\Support\Scene;

$scene = new Scene(4, 'wood');
$image = imagecreatetruecolor($scene->picture->width, $scene->picture->height);
for ($y = 0; $y < $scene->picture->height; $y++) {
    for ($x = 0; $x < $scene->picture->width; $x++) {
        $level = ord($scene->picture->levels[$y * $scene->picture->width + $x]);
        imagesetpixel($image, $x, $y, $level * 0x10101);
    }
}
imagejpeg($image, $argv[1], 92);

<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A picture or a recording that a student puts in a place of their copy. */
final class PutFileRequest extends FormRequest
{
    use CarriesFile;

    public function place(): string
    {
        $place = $this->input('place');

        return is_string($place) ? $place : '';
    }

    /** The copy's revision that the window last saw. */
    public function base(): int
    {
        return max(0, $this->integer('base'));
    }

    /** The browser window's own name. */
    public function window(): string
    {
        $window = $this->input('window');

        return is_string($window) && preg_match('/^[a-z0-9]{4,32}$/D', $window) === 1 ? $window : 'none';
    }
}

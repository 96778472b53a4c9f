<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Teacher;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Contracts\View\View;

/** All of a teacher's worksheets, the latest first. */
final class ShelfController
{
    public function __invoke(#[CurrentUser('teacher')] Teacher $teacher): View
    {
        return view('shelf', [
            'worksheets' => $teacher->worksheets()->shelved()
                ->with(['master:id,name', 'original:id,name', 'pages' => fn ($pages) => $pages->where('position', 1)->with('backdrop')])
                ->withCount(['pages', 'sets', 'editions'])
                ->latest('updated_at')->latest('id')
                ->get(),
        ]);
    }
}

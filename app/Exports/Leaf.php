<?php

declare(strict_types=1);

namespace App\Exports;

use App\Models\Comment;
use App\View\PlaceMark;
use OpenSlate\Copies\OnPaper;
use OpenSlate\Forms\FormField;
use OpenSlate\Page\Page;
use OpenSlate\Text\TextLine;

/** One page of a PDF, as it is to be drawn. */
final readonly class Leaf
{
    /**
     * @param  int  $number  of the page in its worksheet
     * @param  string  $at  how the names of the pages begin that its links lead to
     * @param  array<string, int>  $leads  the number of each page there, by its key
     * @param  'paper'|'form'  $mode  of the sheet
     * @param  array<string, string>  $texts  what was written at its places
     * @param  list<FormField>  $fields  that are laid over it
     * @param  array<string, string>  $fills  what labels say that fill themselves in
     * @param  array<string, string>  $asked  what is printed at its places
     * @param  list<TextLine>  $words  what can be read in its print
     * @param  list<PlaceMark>  $marks
     * @param  list<Comment>  $written
     * @param  string  $heading  in the corner of the page: what the whole is worth
     * @param  string  $foot  at the foot of the page: whose it is
     */
    public function __construct(
        public Page $page,
        public int $number,
        public int $of,
        public string $at,
        public array $leads = [],
        public string $mode = 'paper',
        public array $texts = [],
        public array $fields = [],
        public array $fills = [],
        public array $asked = [],
        public array $words = [],
        public array $marks = [],
        public array $written = [],
        public bool $answers = false,
        public string $heading = '',
        public string $foot = '',
    ) {
    }

    /** Whether it is the picture of what came back on paper: then nothing is printed beneath it. */
    public function isOnPaper(): bool
    {
        return $this->mode === 'paper' && OnPaper::picture($this->texts, $this->number) !== '';
    }
}

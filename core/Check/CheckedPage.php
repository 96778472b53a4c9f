<?php

declare(strict_types=1);

namespace OpenSlate\Check;

use OpenSlate\Elements\Element;
use OpenSlate\Packs\Role;
use OpenSlate\Page\Page;
use OpenSlate\Page\Tags;
use OpenSlate\Weight\PageWeight;

/** A page of a worksheet that is looked through before it goes out. */
final readonly class CheckedPage
{
    /** @var array<string, string> tag by element */
    private array $tags;

    /**
     * @param  int  $number  from 1
     * @param  string  $anchor  by which links name it
     * @param  array<string, string>  $asked  what is asked at its places by what is printed there, by the place's name
     */
    public function __construct(
        public int $number,
        public Page $page,
        public Role $role,
        public string $anchor,
        public array $asked = [],
        public PageWeight $weight = new PageWeight([]),
    ) {
        $this->tags = Tags::of($page);
    }

    public function tag(Element $element): string
    {
        return $this->tags[$element->id()] ?? '';
    }

    /** A finding about something on this page. */
    public function finding(string $code, Severity $severity, string $words, ?Element $element = null): Finding
    {
        return new Finding($code, $severity, $words, $this->number, $element?->id());
    }
}

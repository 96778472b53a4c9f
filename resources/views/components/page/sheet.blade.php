{{--
    One page, drawn. The same for the bench, the student's copy, the desks and print; mode says what its elements are:
    bench (things to lay out), copy (places to type), view (what was typed), paper (that, or room to write by hand), form
    (room for form fields). Where live, links can be followed; leads has the number of each page by its key, and at how
    the names of pages begin; marked has a mark for each element to point out, by its id; fills has the
    words of labels that fill themselves in; words are the printed lines that can be read
    (of what is printed anew, said in the words of its picture); asked has what is printed at
    places that have no prompt; answers says whether clips that are answers show; pictures says where
    its pictures come from; marks are what was written at its places when it was marked, written what was beside them,
    marking says whether more can be. Where the page came back on paper, that is what is looked at: what is printed and
    written on it is in its picture. The slot is for what is laid over it all. Measures are points; see css/_sheet.scss.
--}}
@use('App\View\KeptPictures')
@use('App\View\LaidPrint')
@use('App\View\Lie')
@use('App\View\PlaceNames')
@use('OpenSlate\Copies\OnPaper')
@use('OpenSlate\Elements\Clip')
@use('OpenSlate\Page\Tags')
@props([
    'page',
    'mode' => 'view',
    'number' => 1,
    'of' => 1,
    'texts' => [],
    'sizes' => '100vw',
    'closed' => false,
    'live' => false,
    'leads' => [],
    'at' => 'page-',
    'marked' => [],
    'proposals' => [],
    'fills' => [],
    'answers' => false,
    'pictures' => new KeptPictures(),
    'words' => [],
    'asked' => [],
    'marks' => [],
    'marking' => false,
    'written' => [],
])
@php($places = array_flip(array_map(fn($element) => $element->id(), $page->elements())))
@php($tags = Tags::of($page))
@php($whole = $page->whole())
@php($onPaper = in_array($mode, ['view', 'paper'], true) || ($mode === 'copy' && $closed) ? OnPaper::picture($texts, $number) : '')
@php($printed = $words !== [] && $onPaper === '' && in_array($mode, ['paper', 'form'], true) ? ': ' . implode("\n", array_column($words, 'text')) : '')
@php($names = $mode === 'bench' ? [] : PlaceNames::of($page, $asked))
<div {{ $attributes->class([
    'sheet',
    "sheet--$mode",
    'sheet--tray' => $page->tray !== null,
    'is-shut' => $mode !== 'bench' && ($mode !== 'copy' || $page->tray?->open === false),
]) }}
    style="{{ Lie::ofPage($page) }}">
    <div class="sheet__layer" data-width="{{ $page->size->width }}" data-height="{{ $page->size->height }}"
        @if ($mode === 'bench') data-tray="{{ json_encode($page->tray) }}"
            data-counts-parts="{{ $page->countsParts ? 'each' : '' }}" @endif
        @if ($page->tray) data-whole="{{ json_encode([$whole->x, $whole->y, $whole->width, $whole->height]) }}" @endif>
        @if ($onPaper !== '')
            <x-page.print class="sheet__backdrop" :print="LaidPrint::onPaper($pictures->kept($onPaper), $page)" :$sizes
                :large="$mode !== 'view'"
                :alt="'Page ' . $number . ($of > 1 ? ' of ' . $of : '') . ', filled in on paper'" />
        @elseif ($print = $pictures->print($page, $number))
            <x-page.print class="sheet__backdrop" :$print :$sizes :large="$mode !== 'view'"
                :alt="'Printed page ' . $number . ($of > 1 ? ' of ' . $of : '') . $printed" />
        @elseif ($printed !== '')
            {{-- What is printed there comes beneath later, without tags: here it is for those who have the page read out. --}}
            <img class="sheet__printed" src="data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAACXBIWXMAAA7EAAAOxAGVKw4bAAAADUlEQVQI12P4//8/EwAI/gMAH9P3dQAAAABJRU5ErkJggg=="
                alt="Printed page {{ $number }}{{ $of > 1 ? ' of ' . $of : '' }}{{ $printed }}">
        @endif
        @if ($words !== [] && $onPaper === '' && $printed === '')
            <x-page.words :$page :$number :lines="$words" />
        @endif
        @foreach ($onPaper === '' ? $tags : [] as $id => $tag)
            @php($element = $page->element((string) $id))
            @continue($element instanceof Clip && $element->kept && !$answers && $mode !== 'bench')
            @include('components.page.element', ['z' => $places[$id] + 1])
        @endforeach
        @if ($mode !== 'bench' && $onPaper === '' && $page->parts() !== [])
            @include('components.page.parts')
        @endif
        @if ($marks !== [])
            @include('components.page.marks')
        @endif
        @if ($written !== [] || $marking)
            @include('components.page.written')
        @endif
        @include('bench.ghosts')
        {{ $slot }}
    </div>
</div>

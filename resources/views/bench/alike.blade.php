{{-- What was said of some pages, offered for those that look the same. $offer: App\Actions\AlikeOffer --}}
@use('App\View\Count')
@use('App\View\RoleWords')
@use('OpenSlate\Cutting\PageRange')
@php($numbers = PageRange::format(array_values($offer->pages)))
@php($them = count($offer->pages) === 1 ? 'it' : 'them')
<p>
    @if ($offer->role === null)
        {{ Count::of(count($offer->pages), 'more page is', 'more pages are') }} headed in the same way:
        {{ implode(', ', array_map(fn(int $page, string $name): string => "“{$name}” on page {$offer->pages[$page]}", array_keys($offer->names), $offer->names)) }}.
    @else
        {{ count($offer->pages) === 1 ? "Page {$numbers} looks" : "Pages {$numbers} look" }} the same.
    @endif
</p>
<div class="verbs"><button type="button" class="btn btn-primary" data-alike-take
        data-change="{{ json_encode($offer->change()) }}">{{ $offer->role === null
            ? 'Start sections there, too'
            : "Mark {$them} “" . RoleWords::of($offer->role) . '”, too' }}</button><button type="button"
        class="btn btn-plain" data-alike-leave>Leave {{ $them }}</button></div>

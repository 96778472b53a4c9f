@props(['element', 'mode', 'tag', 'z', 'live', 'leads'])
@php($key = $element->target->pageKey())
@php($number = $key === null ? null : ($leads[$key] ?? null))
@php($said = $element->text !== '' ? $element->text : ($key === null ? $element->target->address : 'Go to page '.$number))
<x-page.frame :$element :$mode :$tag :$z :name="'link: '.$said" :class="implode(' ', array_filter([$element->outline ? 'element--outline' : '', $element->on ? '' : 'element--off']))">
    @php($words = $element->printed ? '' : $said)
    @if ($live && $element->on && ($key === null || $number !== null))
        <a class="go" style="--size:{{ $element->size }}" href="{{ $key === null ? $element->target->address : '#page-'.$number }}" @if ($key === null) target="_blank" rel="noopener noreferrer" @endif @if ($words === '') aria-label="{{ $said }}" @endif>{{ $words }}</a>
    @elseif ($words !== '')
        <span class="go" style="--size:{{ $element->size }}">{{ $words }}</span>
    @endif
</x-page.frame>

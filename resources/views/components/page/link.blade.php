@props(['element', 'mode', 'tag', 'z', 'live', 'leads'])
@php($anchor = $element->target->anchor())
@php($number = $anchor === null ? null : ($leads[$anchor] ?? null))
@php($said = $element->text !== '' ? $element->text : ($anchor === null ? $element->target->address : 'Go to page '.$number))
<x-page.frame :$element :$mode :$tag :$z :name="'link: '.$said" :class="implode(' ', array_filter([$element->outline ? 'element--outline' : '', $element->on ? '' : 'element--off']))">
    @php($words = $element->printed ? '' : $said)
    @if ($live && $element->on && ($anchor === null || $number !== null))
        <a class="go" style="--size:{{ $element->size }}" href="{{ $anchor === null ? $element->target->address : '#page-'.$number }}" @if ($anchor === null) target="_blank" rel="noopener noreferrer" @endif @if ($words === '') aria-label="{{ $said }}" @endif>{{ $words }}</a>
    @elseif ($words !== '')
        <span class="go" style="--size:{{ $element->size }}">{{ $words }}</span>
    @endif
</x-page.frame>

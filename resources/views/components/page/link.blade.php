@props(['element', 'mode', 'tag', 'z', 'live', 'leads'])
@php($anchor = $element->target->anchor())
@php($number = $anchor === null ? null : $leads[$anchor] ?? null)
@php($leadsTo = $anchor === null ? $element->target->address : 'Go to page ' . $number)
@php($said = $element->text === '' ? $leadsTo : $element->text)
<x-page.frame :$element :$mode :$tag :$z :name="'link: ' . $said"
    :classes="['element--outline' => $element->outline, 'element--off' => !$element->on]">
    @php($words = $element->printed ? '' : $said)
    @if ($live && $element->on && ($anchor === null || $number !== null))
        <a class="go" style="--size:{{ $element->size }}"
            href="{{ $anchor === null ? $element->target->address : '#page-' . $number }}"
            @if ($anchor === null) target="_blank" rel="noopener noreferrer" @endif
            @if ($words === '') aria-label="{{ $said }}" @endif>{{ $words }}</a>
    @elseif ($words !== '')
        <span class="go" style="--size:{{ $element->size }}">{{ $words }}</span>
    @endif
</x-page.frame>

@props(['element', 'mode', 'tag', 'z', 'fills'])
@php($filled = match ($element->fills) { \OpenSlate\Elements\LabelText::Own => '', \OpenSlate\Elements\LabelText::Student => $fills['student'] ?? ($mode === 'bench' ? '(the student’s name)' : ''), \OpenSlate\Elements\LabelText::Date => $fills['date'] ?? ($mode === 'bench' ? '(the day it was handed out)' : '') })
<x-page.frame :$element :$mode :$tag :$z :name="'label: '.\Illuminate\Support\Str::limit($element->text.$filled, 60)" :class="'type type--'.$element->font->value.' type--'.$element->align->value">
    <p style="--size:{{ $element->size }}@if ($element->colour);color:{{ $element->colour->hex }}@endif" @class(['label', 'label--bold' => $element->bold, 'label--highlight' => $element->highlight])><span>{{ $element->text }}{{ $element->text !== '' && $filled !== '' ? ' ' : '' }}{{ $filled }}</span></p>
</x-page.frame>

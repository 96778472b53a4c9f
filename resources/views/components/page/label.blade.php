@use('App\View\TextStyle')
@use('Illuminate\Support\Str')
@use('OpenSlate\Elements\LabelText')
@props(['element', 'mode', 'tag', 'z', 'fills'])
@php(
    $filled = match ($element->fills) {
        LabelText::Own => '',
        LabelText::Student => $fills['student'] ?? ($mode === 'bench' ? '(the student’s name)' : ''),
        LabelText::Date => $fills['date'] ?? ($mode === 'bench' ? '(the day it was handed out)' : ''),
    }
)
<x-page.frame :$element :$mode :$tag :$z :name="'label: ' . Str::limit($element->text . $filled, 60)"
    :classes="TextStyle::classes($element)">
    <div @style(["--size:{$element->size}", "color:{$element->colour?->hex}" => $element->colour !== null])
        @class([
            'label',
            'label--bold' => $element->bold,
            'label--highlight' => $element->highlight,
        ])><span>{{ $element->text }}{{ $element->text !== '' && $filled !== '' ? ' ' : '' }}{{ $filled }}</span></div>
</x-page.frame>

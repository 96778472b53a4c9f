@props(['element', 'mode', 'tag', 'z', 'place', 'text', 'closed'])
<x-page.frame :$element :$mode :$tag :$z :name="'label: '.\Illuminate\Support\Str::limit($element->text, 60)">
    <p style="--size:{{ $element->size }}" @class(['label', 'label--bold' => $element->bold, 'label--highlight' => $element->highlight])><span>{{ $element->text }}</span></p>
</x-page.frame>

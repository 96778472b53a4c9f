@props(['element', 'mode', 'tag', 'z'])
<x-page.frame :$element :$mode :$tag :$z :name="'picture'.($element->words === '' ? '' : ': '.$element->words)">
    <img class="laid-picture" src="{{ \App\View\PictureAddress::of($element->source) }}" alt="{{ $element->words }}" draggable="false" decoding="async">
</x-page.frame>

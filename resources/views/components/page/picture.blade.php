@props(['element', 'mode', 'tag', 'z', 'pictures', 'page', 'number'])
<x-page.frame :$element :$mode :$tag :$z :name="'picture'.($element->words === '' ? '' : ': '.$element->words)">
    <img class="laid-picture" src="{{ $pictures->picture($element, $page, $number) }}" alt="{{ $element->words }}"
        draggable="false" decoding="async">
</x-page.frame>

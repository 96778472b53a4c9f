{{-- A part where the teacher put it, on the bench. Elsewhere see parts.blade.php. --}}
@use('App\View\ElementWords')
@use('App\View\PartDrawing')
@use('OpenSlate\Paper\Colour')
@props(['element', 'mode', 'tag', 'z'])
@if ($mode === 'bench')
    <x-page.frame :$element :$mode :$tag :$z :name="'part: ' . ElementWords::of($element)"
        :data-contrast="PartDrawing::seen($element, $paper ?? Colour::white())">
        @include('components.page.part-drawn', [
            'part' => $element,
            'frame' => $element->frame,
            'words' => $element->text,
            'ends' => PartDrawing::ends($element),
            'as' => 'head-' . $element->id,
            'mark' => true,
        ])
        @if ($element->stock > 1)
            <b class="part__left" aria-hidden="true">{{ $element->stock }}</b>
        @endif
    </x-page.frame>
@endif

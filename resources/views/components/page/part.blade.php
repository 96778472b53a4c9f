{{-- A part where the teacher put it, on the bench. Elsewhere see parts.blade.php. --}}
@props(['element', 'mode', 'tag', 'z'])
@if ($mode === 'bench')
@php($ends = $element->form === \OpenSlate\Elements\PartForm::Connector ? array_map(fn ($end) => [$end[0] - $element->frame->x, $end[1] - $element->frame->y], $element->ends()) : [[0, 0], [0, 0]])
<x-page.frame :$element :$mode :$tag :$z :name="'part: '.\App\View\ElementWords::of($element)" :data-contrast="$element->text === '' ? null : round(\App\View\PartDrawing::contrast($element, $paper ?? \OpenSlate\Paper\Colour::white()), 1)">
    @include('components.page.part-drawn', ['part' => $element, 'frame' => $element->frame, 'words' => $element->text, 'ends' => [...$ends[0], ...$ends[1]], 'as' => 'head-'.$element->id, 'mark' => true])
    @if ($element->stock > 1)<b class="part__left" aria-hidden="true">{{ $element->stock }}</b>@endif
</x-page.frame>
@endif

@props(['element', 'mode', 'tag', 'z'])
@php($drawn = \App\View\ShapeDrawing::of($element))
<x-page.frame :$element :$mode :$tag :$z :name="$element->form->value">
    <svg class="shape" viewBox="0 0 {{ $element->frame->width }} {{ $element->frame->height }}" aria-hidden="true" style="opacity:{{ $element->opacity }}" fill="{{ $element->fill?->hex ?? 'none' }}" stroke="{{ $element->colour->hex }}" stroke-width="{{ $element->weight }}" @if ($element->dashed) stroke-dasharray="{{ max(2, 3 * $element->weight) }} {{ max(2, 2 * $element->weight) }}" @endif>
        @if ($element->form === \OpenSlate\Elements\ShapeForm::Ellipse)<ellipse cx="{{ $element->frame->width / 2 }}" cy="{{ $element->frame->height / 2 }}" rx="{{ $drawn->inset($element->frame->width) }}" ry="{{ $drawn->inset($element->frame->height) }}" />@elseif ($element->form === \OpenSlate\Elements\ShapeForm::Rectangle)<rect x="{{ $element->weight / 2 }}" y="{{ $element->weight / 2 }}" width="{{ 2 * $drawn->inset($element->frame->width) }}" height="{{ 2 * $drawn->inset($element->frame->height) }}" />@else<path d="{{ $drawn->line() }}" />@if ($drawn->head() !== '')<path d="{{ $drawn->head() }}" fill="{{ $element->colour->hex }}" stroke="none" />@endif @endif
    </svg>
</x-page.frame>

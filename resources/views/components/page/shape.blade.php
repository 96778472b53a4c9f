@use('App\View\Lie')
@use('App\View\ShapeDrawing')
@use('OpenSlate\Elements\ShapeForm')
@props(['element', 'mode', 'tag', 'z'])
@php($drawn = ShapeDrawing::of($element))
<x-page.frame :$element :$mode :$tag :$z :name="$element->form->value">
    <svg class="shape" viewBox="{{ Lie::box($element->frame) }}" aria-hidden="true"
        style="opacity:{{ $element->opacity }}" fill="{{ $element->fill?->hex ?? 'none' }}"
        stroke="{{ $element->colour->hex }}" stroke-width="{{ $element->weight }}"
        @if ($element->dashed) stroke-dasharray="{{ Lie::dashes($element->weight) }}" @endif>
        @if ($element->form === ShapeForm::Ellipse)
            <ellipse cx="{{ $element->frame->width / 2 }}" cy="{{ $element->frame->height / 2 }}"
                rx="{{ $drawn->inset($element->frame->width) }}" ry="{{ $drawn->inset($element->frame->height) }}" />
        @elseif ($element->form === ShapeForm::Rectangle)
            <rect x="{{ $element->weight / 2 }}" y="{{ $element->weight / 2 }}"
                width="{{ 2 * $drawn->inset($element->frame->width) }}"
                height="{{ 2 * $drawn->inset($element->frame->height) }}" />
        @else
            <path d="{{ $drawn->line() }}" />
            @if ($drawn->head() !== '')
                <path d="{{ $drawn->head() }}" fill="{{ $element->colour->hex }}" stroke="none" />
            @endif
        @endif
    </svg>
</x-page.frame>

@props(['element', 'mode', 'tag', 'z'])
@php($round = $element->form === \OpenSlate\Elements\SpotForm::Ring)
@php($lines = $element->form === \OpenSlate\Elements\SpotForm::Slots)
<x-page.frame :$element :$mode :$tag :$z :name="'spot: '.$element->named()" :data-spot="$mode === 'bench' ? null : $element->id" :data-said="$mode === 'bench' ? null : $element->named()"
    :class="implode(' ', array_filter(['spot spot--'.$element->form->value, $element->outline ? 'spot--outline' : '', $element->dashed ? 'spot--dashed' : '']))">
    <svg class="part__drawn" viewBox="0 0 {{ $element->frame->width }} {{ $element->frame->height }}" aria-hidden="true">
        @if ($round)<ellipse cx="{{ $element->frame->width / 2 }}" cy="{{ $element->frame->height / 2 }}" rx="{{ max(0, $element->frame->width / 2 - 0.75) }}" ry="{{ max(0, $element->frame->height / 2 - 0.75) }}" />@if ($element->hole > 0)<ellipse cx="{{ $element->frame->width / 2 }}" cy="{{ $element->frame->height / 2 }}" rx="{{ $element->frame->width / 2 * $element->hole }}" ry="{{ $element->frame->height / 2 * $element->hole }}" />@endif
        @elseif ($element->form === \OpenSlate\Elements\SpotForm::Line)<path d="M0 {{ $element->frame->height / 2 }}H{{ $element->frame->width }}" />
        @else<rect x="0.75" y="0.75" width="{{ max(0, $element->frame->width - 1.5) }}" height="{{ max(0, $element->frame->height - 1.5) }}" />@if ($lines)<path d="@for ($n = 1; $n < $element->columns; $n++)M{{ $element->frame->width * $n / $element->columns }} 0V{{ $element->frame->height }}@endfor @for ($n = 1; $n < $element->rows; $n++)M0 {{ $element->frame->height * $n / $element->rows }}H{{ $element->frame->width }}@endfor" />@endif
        @endif
    </svg>
</x-page.frame>

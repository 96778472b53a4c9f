@use('App\View\Lie')
@use('App\View\LineDrawing')
@use('OpenSlate\Elements\SpotForm')
@props(['element', 'mode', 'tag', 'z'])
@php($round = $element->form === SpotForm::Ring)
@php($lines = $element->form === SpotForm::Slots)
<x-page.frame :$element :$mode :$tag :$z :name="'spot: ' . $element->named()"
    :data-spot="$mode === 'bench' ? null : $element->id" :data-said="$mode === 'bench' ? null : $element->named()"
    :data-takes="$mode === 'copy' && $element->takes !== [] ? json_encode($element->takes) : null"
    :classes="[
        'spot spot--' . $element->form->value,
        'spot--outline' => $element->outline,
        'spot--dashed' => $element->dashed,
    ]">
    <svg class="part__drawn" viewBox="{{ Lie::box($element->frame) }}" aria-hidden="true">
        @if ($round)
            <ellipse cx="{{ $element->frame->width / 2 }}" cy="{{ $element->frame->height / 2 }}"
                rx="{{ max(0, $element->frame->width / 2 - 0.75) }}"
                ry="{{ max(0, $element->frame->height / 2 - 0.75) }}" />
            @if ($element->hole > 0)
                <ellipse cx="{{ $element->frame->width / 2 }}" cy="{{ $element->frame->height / 2 }}"
                    rx="{{ ($element->frame->width / 2) * $element->hole }}"
                    ry="{{ ($element->frame->height / 2) * $element->hole }}" />
            @endif
        @elseif ($element->form === SpotForm::Line)
            <path d="M0 {{ $element->frame->height / 2 }}H{{ $element->frame->width }}" />
        @else
            <rect x="0.75" y="0.75" width="{{ max(0, $element->frame->width - 1.5) }}"
                height="{{ max(0, $element->frame->height - 1.5) }}" />
            @if ($lines)
                <path d="M0 0H{{ $element->frame->width }} {{ LineDrawing::grid($element->within(), $element->columns, $element->rows) }}"
                    transform="translate(0 {{ $element->within()->y - $element->frame->y }})" />
            @endif
        @endif
    </svg>
    @if ($element->titled && $element->name !== '')
        <span class="spot__title" @if ($mode !== 'bench') aria-hidden="true" @endif>{{ $element->name }}</span>
    @endif
</x-page.frame>

@props(['element', 'mode', 'tag', 'z', 'texts', 'number', 'closed'])
@php($diagram = \OpenSlate\Organise\Layout::of($element))
@php($outline = $element->shape === \OpenSlate\Elements\OrganiserShape::Hierarchy ? \OpenSlate\Organise\Outline::of($element) : null)
@php($named = $element->prompt === '' ? 'Organiser '.substr($tag, 1) : $element->prompt)
<x-page.frame :$element :$mode :$tag :$z :data-levels="$mode === 'bench' && $outline ? implode(' ', $outline->levels) : null" :name="\App\View\ElementWords::shape($element->shape).($element->prompt === '' ? '' : ': '.$element->prompt)"
    :class="implode(' ', array_filter([$element->cover ? 'element--cover' : '', $element->outline && $diagram->rings === [] ? 'organiser--lined' : '', 'type type--'.$element->font->value, 'type--'.$element->align->value]))">
    <svg class="part__drawn" viewBox="0 0 {{ $element->frame->width }} {{ $element->frame->height }}" aria-hidden="true">
        @foreach ($diagram->rings as $ring)<ellipse cx="{{ $ring->x + $ring->width / 2 }}" cy="{{ $ring->middle() }}" rx="{{ $ring->width / 2 - 1 }}" ry="{{ $ring->height / 2 - 1 }}" />@endforeach
        @foreach ($diagram->lines as $line)<path d="{{ \App\View\LineDrawing::line($line, 2) }}" />@if ($line->arrow)<path class="organiser__head" d="{{ \App\View\LineDrawing::head($line, 2) }}" />@endif @endforeach
    </svg>
    @foreach ($diagram->boxes as $at => $box)
        @php($place = \OpenSlate\Copies\Place::idOn($number, $element->place($at)))
        @php([$name, $prompt] = [$element->box($at)->name, $element->box($at)->prompt])
        @php($parent = $outline?->parents()[$at])
        <div class="organiser__box" style="--x:{{ $box->x }};--y:{{ $box->y }};--w:{{ $box->width }};--h:{{ $box->height }};--size:{{ $element->size }}">
            @if ($name !== '')<b class="organiser__name" @if ($mode === 'copy') aria-hidden="true" @endif>{{ $name }}</b>@endif
            @if ($mode === 'copy')<textarea class="answer" rows="1" data-place="{{ $place }}" data-kind="cell" aria-label="{{ $name === '' ? $named.', box '.($at + 1) : $name }}{{ $parent === null ? '' : ', below '.($element->box($parent)->name ?: 'box '.($parent + 1)) }}{{ $prompt === '' ? '' : ': '.$prompt }}" placeholder="{{ $prompt }}" maxlength="{{ $element->box($at)->form()->longest() }}" autocomplete="off" @readonly($closed)>{{ "\n".($texts[$place] ?? '') }}</textarea>@else<span @class(['answer', 'answer--prompt' => $mode === 'bench', 'answer--typed' => $mode !== 'bench'])>{{ $mode === 'bench' ? $prompt : ($texts[$place] ?? '') }}</span>@endif
        </div>
    @endforeach
    @if ($mode === 'copy' && $element->help !== '')<x-page.help :place="\OpenSlate\Copies\Place::idOn($number, $element->id)" :said="$named" :help="$element->help" />@endif
</x-page.frame>

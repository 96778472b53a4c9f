@use('App\View\ElementWords')
@use('App\View\Lie')
@use('App\View\LineDrawing')
@use('App\View\TextStyle')
@use('OpenSlate\Copies\Place')
@use('OpenSlate\Elements\OrganiserShape')
@use('OpenSlate\Organise\Layout')
@use('OpenSlate\Organise\Outline')
@props(['element', 'mode', 'tag', 'z', 'texts', 'number', 'closed', 'names'])
@php($diagram = Layout::of($element))
@php($outline = $element->shape === OrganiserShape::Hierarchy ? Outline::of($element) : null)
@php($named = $names[$element->id] ?? $element->prompt)
<x-page.frame :$element :$mode :$tag :$z :name="ElementWords::asking(ElementWords::shape($element->shape), $element)"
    :data-levels="$mode === 'bench' && $outline ? implode(' ', $outline->levels) : null"
    :classes="[
        'element--cover' => $element->cover,
        'organiser--lined' => $element->outline && $diagram->rings === [],
        ...TextStyle::classes($element),
    ]">
    <svg class="part__drawn" viewBox="{{ Lie::box($element->frame) }}" aria-hidden="true">
        @foreach ($diagram->rings as $ring)
            <ellipse cx="{{ $ring->x + $ring->width / 2 }}" cy="{{ $ring->middle() }}" rx="{{ $ring->width / 2 - 1 }}"
                ry="{{ $ring->height / 2 - 1 }}" />
        @endforeach
        @foreach ($diagram->lines as $line)
            <path d="{{ LineDrawing::line($line, 2) }}" />
            @if ($line->arrow)
                <path class="organiser__head" d="{{ LineDrawing::head($line, 2) }}" />
            @endif
        @endforeach
    </svg>
    @foreach ($diagram->boxes as $at => $box)
        @php($place = Place::idOn($number, $element->place($at)))
        @php([$name, $prompt] = [$element->box($at)->name, $element->box($at)->prompt])
        <div class="organiser__box" style="{{ Lie::of($box) }};--size:{{ $element->size }}">
            @if ($name !== '')
                <b class="organiser__name"
                    @if ($mode === 'copy') aria-hidden="true" @endif>{{ $name }}</b>
            @endif
            @if ($mode === 'copy')
            <textarea class="answer" dir="auto" rows="1" data-place="{{ $place }}" data-kind="cell"
                aria-label="{{ $names[$element->place($at)] }}"
                placeholder="{{ $prompt }}" maxlength="{{ $element->box($at)->form()->longest() }}" autocomplete="off"
                @readonly($closed)>{{ "\n" . ($texts[$place] ?? '') }}</textarea>@else<span
                    @class([
                        'answer',
                        'answer--prompt' => $mode === 'bench',
                        'answer--typed' => $mode !== 'bench',
                    ])>{{ $mode === 'bench' ? $prompt : $texts[$place] ?? '' }}</span>
            @endif
        </div>
    @endforeach
    @if ($mode === 'copy' && $element->help !== '')
        <x-page.help :place="Place::idOn($number, $element->id)" :said="$named" :help="$element->help" />
    @endif
</x-page.frame>

{{--
    What one part looks like, wherever it is. $part, $words (the student's own), $ends (of a connector, in points from
    its frame), $as (a name of its own on the screen)
--}}
@use('App\View\Lie')
@use('App\View\LineDrawing')
@use('App\View\PartDrawing')
@use('OpenSlate\Elements\Head')
@use('OpenSlate\Elements\PartForm')
@if ($part->form === PartForm::Picture)
    @php($source = $part->takesPicture() && ($picture ?? '') !== '' ? $picture : $part->source)
    @if ($part->takesPicture())
        <span class="part__place">picture</span>
    @endif
    <img class="part__picture"
        @if ($source !== '') src="{{ $pictures->kept($source) }}" @else hidden @endif
        alt="" draggable="false" style="opacity:{{ $part->opacity }}">
@elseif ($part->form === PartForm::Connector)
    @php([$weight, $tip] = [max(1, $part->weight), LineDrawing::headLength(max(1, $part->weight))])
    <svg class="part__drawn" viewBox="0 0 {{ max(1, $frame->width) }} {{ max(1, $frame->height) }}" aria-hidden="true"
        style="opacity:{{ $part->opacity }}">
        {{-- The point of a head is so far past the line's end that the line does not blunt it. --}}
        @if ($part->head !== Head::None)
            <marker id="{{ $as }}" viewBox="0 0 10 10" refX="{{ round(10 * (1 - $weight / $tip), 2) }}"
                refY="5" markerUnits="userSpaceOnUse" markerWidth="{{ $tip }}"
                markerHeight="{{ $tip }}" orient="auto-start-reverse">
                <path d="M0 0L10 5L0 10Z" fill="{{ $part->colour->hex }}" />
            </marker>
        @endif
        <path class="part__reach" data-course="{{ $part->course->value }}"
            d="{{ PartDrawing::line($part->course, $ends) }}" />
        <path data-course="{{ $part->course->value }}" d="{{ PartDrawing::line($part->course, $ends) }}" fill="none"
            stroke-linejoin="round" stroke="{{ $part->colour->hex }}" stroke-width="{{ $weight }}"
            @if ($part->head === Head::None) stroke-linecap="round" @endif
            @if ($part->dashed) stroke-dasharray="{{ 3 * $weight }} {{ 2 * $weight }}" @endif
            @if ($part->head->isAtStart()) marker-start="url(#{{ $as }})" @endif
            @if ($part->head->isAtEnd()) marker-end="url(#{{ $as }})" @endif />
    </svg>
@else
    <svg class="part__drawn" viewBox="{{ Lie::box($part->frame) }}" aria-hidden="true"
        style="opacity:{{ $part->opacity }}">
        <path d="{{ PartDrawing::path($part) }}" fill="{{ $part->fill?->hex ?? 'none' }}"
            stroke="{{ $part->weight > 0 ? $part->colour->hex : 'none' }}" stroke-width="{{ $part->weight }}"
            stroke-linejoin="round"
            @if ($part->dashed) stroke-dasharray="{{ Lie::dashes($part->weight) }}" @endif />
    </svg>
@endif
@if ($words !== '')
    <span class="part__words type type--{{ $part->font->value }}" @style([
        "--size:{$part->size}",
        "color:{$part->ink->hex}",
        'font-weight:700' => $part->bold,
    ])>{{ $words }}</span>
@endif
@foreach ($part->form === PartForm::Connector ? [] : $part->joints as $joint)
    <i class="joint" style="left:{{ 100 * $joint->x }}%;top:{{ 100 * $joint->y }}%"
        @isset($mark) data-joint="{{ $joint->id }}" @endisset></i>
@endforeach

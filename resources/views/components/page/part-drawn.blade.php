{{-- What one part looks like, wherever it is. $part, $words (the student's own), $ends (of a connector, in points from its frame), $as (a name of its own on the screen) --}}
@if ($part->form === \OpenSlate\Elements\PartForm::Picture)
    @php($source = $part->takesPicture() && ($picture ?? '') !== '' ? $picture : $part->source)
    @if ($part->takesPicture())<span class="part__place">picture</span>@endif
    <img class="part__picture" @if ($source !== '') src="{{ \App\View\PictureAddress::of($source) }}" @else hidden @endif alt="" draggable="false" style="opacity:{{ $part->opacity }}">
@elseif ($part->form === \OpenSlate\Elements\PartForm::Connector)
    @php([$weight, $tip] = [max(1, $part->weight), \App\View\LineDrawing::headLength(max(1, $part->weight))])
    <svg class="part__drawn" viewBox="0 0 {{ max(1, $frame->width) }} {{ max(1, $frame->height) }}" aria-hidden="true" style="opacity:{{ $part->opacity }}">
        {{-- The point of a head is so far past the line's end that the line does not blunt it. --}}
        @if ($part->head !== \OpenSlate\Elements\Head::None)<marker id="{{ $as }}" viewBox="0 0 10 10" refX="{{ round(10 * (1 - $weight / $tip), 2) }}" refY="5" markerUnits="userSpaceOnUse" markerWidth="{{ $tip }}" markerHeight="{{ $tip }}" orient="auto-start-reverse"><path d="M0 0L10 5L0 10Z" fill="{{ $part->colour->hex }}" /></marker>@endif
        <line class="part__reach" x1="{{ $ends[0] }}" y1="{{ $ends[1] }}" x2="{{ $ends[2] }}" y2="{{ $ends[3] }}" />
        <line x1="{{ $ends[0] }}" y1="{{ $ends[1] }}" x2="{{ $ends[2] }}" y2="{{ $ends[3] }}" stroke="{{ $part->colour->hex }}" stroke-width="{{ $weight }}" @if ($part->head === \OpenSlate\Elements\Head::None) stroke-linecap="round" @endif @if ($part->dashed) stroke-dasharray="{{ 3 * $weight }} {{ 2 * $weight }}" @endif @if ($part->head->isAtStart()) marker-start="url(#{{ $as }})" @endif @if ($part->head->isAtEnd()) marker-end="url(#{{ $as }})" @endif />
    </svg>
@else
    <svg class="part__drawn" viewBox="0 0 {{ $part->frame->width }} {{ $part->frame->height }}" aria-hidden="true" style="opacity:{{ $part->opacity }}"><path d="{{ \App\View\PartDrawing::path($part) }}" fill="{{ $part->fill?->hex ?? 'none' }}" stroke="{{ $part->weight > 0 ? $part->colour->hex : 'none' }}" stroke-width="{{ $part->weight }}" stroke-linejoin="round" @if ($part->dashed) stroke-dasharray="{{ max(2, 3 * $part->weight) }} {{ max(2, 2 * $part->weight) }}" @endif /></svg>
@endif
@if ($words !== '')<span class="part__words type type--{{ $part->font->value }}" style="--size:{{ $part->size }};color:{{ $part->ink->hex }};@if ($part->bold)font-weight:700 @endif">{{ $words }}</span>@endif
@foreach ($part->form === \OpenSlate\Elements\PartForm::Connector ? [] : $part->joints as $joint)<i class="joint" style="left:{{ 100 * $joint->x }}%;top:{{ 100 * $joint->y }}%" @isset($mark) data-joint="{{ $joint->id }}" @endisset></i>@endforeach

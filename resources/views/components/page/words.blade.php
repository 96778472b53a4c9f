{{--
    The printed words, laid over their picture without being seen: to be read aloud, searched and copied. Each line is
    as wide as it is printed. Not for what can be read by nobody else: $lines are OpenSlate\Page\ShownWords.
--}}
@props(['page', 'lines', 'number'])
<svg class="sheet__words" role="group" aria-label="Printed on page {{ $number }}"
    viewBox="0 0 {{ $page->size->width }} {{ $page->size->height }}">
    @foreach ($lines as $line)
        <text x="{{ $line->frame->x }}" y="{{ round($line->frame->bottom() - 0.2 * $line->frame->height, 2) }}"
            font-size="{{ round(0.8 * $line->frame->height, 2) }}" textLength="{{ $line->frame->width }}"
            lengthAdjust="spacingAndGlyphs">{{ $line->text }}</text>
    @endforeach
</svg>

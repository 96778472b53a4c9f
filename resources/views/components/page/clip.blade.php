@props(['element', 'mode', 'tag', 'z', 'pictures', 'number'])
@php($frame = $element->frame())
@php($cut = $pictures->clip($element, $number))
<x-page.frame :$element :$mode :$tag :$z :name="$element->kept ? 'clip, an answer' : 'clip'" :class="$element->kept ? 'element--kept' : ''">
    @if ($cut !== null)
        <span class="clip" style="--w:{{ $frame->width }};--h:{{ $frame->height }};--turn:0deg"><img class="clip__cut" src="{{ $cut }}" alt="" draggable="false" decoding="async"></span>
    @else
        @php($upright = $element->turn->swapsSides() ? [$frame->height, $frame->width] : [$frame->width, $frame->height])
        @php($whole = [$upright[0] / $element->across, $upright[1] / $element->down])
        <span class="clip" style="--w:{{ $upright[0] }};--h:{{ $upright[1] }};--turn:{{ $element->turn->value }}deg"><x-page.print :print="\App\View\LaidPrint::kept($element->source, $element->page, \OpenSlate\Geometry\Frame::of(-$element->left * $whole[0], -$element->top * $whole[1], ...$whole), \OpenSlate\Geometry\Rotation::None)" /></span>
    @endif
</x-page.frame>

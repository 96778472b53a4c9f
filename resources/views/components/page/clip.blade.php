@use('App\View\LaidPrint')
@use('OpenSlate\Geometry\Frame')
@use('OpenSlate\Geometry\Rotation')
@props(['element', 'mode', 'tag', 'z', 'pictures', 'number'])
@php($frame = $element->frame())
@php($cut = $pictures->clip($element, $number))
<x-page.frame :$element :$mode :$tag :$z :name="$element->kept ? 'clip, an answer' : 'clip'"
    :classes="['element--kept' => $element->kept]">
    @if ($cut !== null)
        <span class="clip" style="--w:{{ $frame->width }};--h:{{ $frame->height }};--turn:0deg"><img class="clip__cut"
                src="{{ $cut }}" alt="" draggable="false" decoding="async"></span>
    @else
        @php($upright = [$frame->width, $frame->height])
        @php($upright = $element->turn->swapsSides() ? array_reverse($upright) : $upright)
        @php($whole = [$upright[0] / $element->across, $upright[1] / $element->down])
        <span class="clip"
            style="--w:{{ $upright[0] }};--h:{{ $upright[1] }};--turn:{{ $element->turn->value }}deg"><x-page.print
                :print="LaidPrint::kept(
                    $element->source,
                    $element->page,
                    Frame::of(-$element->left * $whole[0], -$element->top * $whole[1], ...$whole),
                    Rotation::None,
                )" /></span>
    @endif
</x-page.frame>

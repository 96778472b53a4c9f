@props(['element', 'mode', 'tag', 'z'])
@php($frame = $element->frame())
@php($upright = $element->turn->swapsSides() ? [$frame->height, $frame->width] : [$frame->width, $frame->height])
@php($whole = [$upright[0] / $element->across, $upright[1] / $element->down])
<x-page.frame :$element :$mode :$tag :$z :name="$element->kept ? 'clip, an answer' : 'clip'" :class="$element->kept ? 'element--kept' : ''">
    <span class="clip" style="--w:{{ $upright[0] }};--h:{{ $upright[1] }};--turn:{{ $element->turn->value }}deg"><x-page.print :source="$element->source" :page="$element->page" :turn="\OpenSlate\Geometry\Rotation::None" :frame="\OpenSlate\Geometry\Frame::of(-$element->left * $whole[0], -$element->top * $whole[1], ...$whole)" /></span>
</x-page.frame>

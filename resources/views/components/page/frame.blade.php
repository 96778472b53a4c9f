{{-- The frame of one element: where it lies, and on the bench what a gesture needs to know of it. --}}
@props(['element', 'mode', 'tag', 'z', 'name' => ''])
@aware(['marked' => []])
@php($frame = $element->frame())
@php($mark = $marked[$element->id()] ?? null)
<div {{ $attributes->class(['element', 'element--'.$element->kind()->value, 'element--marked' => $mark !== null, 'element--locked' => $mode === 'bench' && $element->isLocked()]) }} style="--x:{{ $frame->x }};--y:{{ $frame->y }};--w:{{ $frame->width }};--h:{{ $frame->height }};--z:{{ $z }}"
    @if ($mode === 'bench') data-id="{{ $element->id() }}" data-tag="{{ $tag }}" @if ($element->group()) data-group="{{ $element->group() }}" @endif data-element="{{ json_encode(\OpenSlate\Format\ElementCodec::whole($element)) }}" role="button" aria-pressed="false" tabindex="0" aria-label="{{ $tag }}, {{ $name }}" @endif
>{{ $slot }}@if ($mode === 'bench' || $mark !== null)<span class="element__tag" aria-hidden="true">{{ $mark ?? $tag }}</span>@endif</div>

{{-- The frame of one element: where it lies, and on the bench what a gesture needs to know of it. --}}
@use('App\View\Lie')
@use('OpenSlate\Format\ElementCodec')
@props(['element', 'mode', 'tag', 'z', 'name' => '', 'classes' => []])
@aware(['marked' => []])
@php($mark = $marked[$element->id()] ?? null)
<div {{ $attributes->class([
    'element',
    'element--' . $element->kind()->value,
    'element--marked' => $mark !== null,
    'element--locked' => $mode === 'bench' && $element->isLocked(),
    ...$classes,
]) }}
    style="{{ Lie::of($element->frame(), $z) }}"
    @if ($mode === 'bench')
        data-id="{{ $element->id() }}" data-tag="{{ $tag }}"
        @if ($element->group()) data-group="{{ $element->group() }}" @endif
        data-element="{{ json_encode(ElementCodec::whole($element)) }}"
        role="button" aria-pressed="false" tabindex="0" aria-label="{{ $tag }}, {{ $name }}"
    @endif>
    {{ $slot }}@if ($mode === 'bench' || $mark !== null)<span class="element__tag"
            aria-hidden="true">{{ $mark ?? $tag }}</span>@endif
</div>

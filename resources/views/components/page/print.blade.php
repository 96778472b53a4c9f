{{-- A printed page, or what shows of it in its frame: turned about its middle, so that its sides may change places. --}}
@props(['print', 'sizes' => '300px', 'large' => false, 'alt' => ''])
@php($frame = $print->frame)
<img {{ $attributes->class(['print']) }} style="--x:{{ $frame->x + $frame->width / 2 }};--y:{{ $frame->y + $frame->height / 2 }};--w:{{ $print->turn->swapsSides() ? $frame->height : $frame->width }};--h:{{ $print->turn->swapsSides() ? $frame->width : $frame->height }};--turn:{{ $print->turn->value }}deg" src="{{ $large ? $print->page : $print->thumbnail }}" srcset="{{ $print->thumbnail }} 300w, {{ $print->page }} 1224w" sizes="{{ $sizes }}" alt="{{ $alt }}" draggable="false" decoding="async" @unless ($large) loading="lazy" @endunless>

{{-- A printed page, or what shows of it in its frame. $print: App\View\LaidPrint --}}
@use('App\View\Lie')
@props(['print', 'sizes' => '300px', 'large' => false, 'alt' => ''])
<img {{ $attributes->class(['print']) }} style="{{ Lie::ofPrint($print) }}"
    src="{{ $large ? $print->page : $print->thumbnail }}"
    srcset="{{ $print->thumbnail }} 300w, {{ $print->page }} 1224w"
    sizes="{{ $sizes }}" alt="{{ $alt }}" draggable="false" decoding="async"
    @unless ($large) loading="lazy" @endunless>

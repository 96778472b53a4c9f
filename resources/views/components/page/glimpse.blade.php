{{-- A piece of a page, drawn as the page is. $page, $frame: which piece, in points; what else a sheet takes. --}}
@use('App\View\Lie')
@props(['page', 'frame', 'number' => 1, 'of' => 1, 'texts' => [], 'fills' => [], 'label' => ''])
<div {{ $attributes->class('glimpse') }}
    style="--pw:{{ $page->size->width }};--ph:{{ $page->size->height }};{{ Lie::of($frame) }}" role="img"
    aria-label="{{ $label }}">
    <div class="glimpse__page" aria-hidden="true" inert><x-page.sheet :$page :$number :$of :$texts :$fills answers
            sizes="860px" /></div>
</div>

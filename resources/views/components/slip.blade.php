{{-- One of six on a page, to cut apart. $code: SVG, $name; its slot says the rest --}}
@props(['code', 'name'])
<li class="slip">
    <div class="slip__way">{!! $code !!}</div>
    <div class="slip__words">
        <h2>{{ $name }}</h2>
        {{ $slot }}
    </div>
</li>

@props(['title', 'at' => '', 'scripts' => [], 'bodyClass' => ''])
<x-layout.base :$title :$scripts :body-class="'teacher ' . $bodyClass">
    <header class="topbar">
        <a class="brand" href="{{ route('shelf') }}">Open Slate</a>
        <nav aria-label="Main">
            <a href="{{ route('shelf') }}" @if ($at === 'shelf') aria-current="page" @endif>Shelf</a>
            <a href="{{ route('handouts.index') }}" @if ($at === 'handouts') aria-current="page" @endif>Handed
                out</a>
            <a href="{{ route('classes.index') }}"
                @if ($at === 'classes') aria-current="page" @endif>Classes</a>
        </nav>
        <span class="topbar__who">{{ auth('teacher')->user()?->name }}</span>
        <form method="post" action="{{ route('sign-out') }}" data-leave>@csrf<button class="btn btn-plain">Sign
                out</button></form>
    </header>
    {{ $slot }}
</x-layout.base>

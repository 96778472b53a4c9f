@props(['title', 'at' => '', 'scripts' => []])
<x-layout.base :$title :$scripts body-class="student">
    <header class="topbar">
        <a class="brand" href="{{ route('day') }}">Open Slate</a>
        <nav aria-label="Main">
            <a href="{{ route('day') }}" @if ($at === 'day') aria-current="page" @endif>My day</a>
            <a href="{{ route('taking') }}" @if ($at === 'shelf') aria-current="page" @endif>Class shelf</a>
        </nav>
        <span class="topbar__who">{{ auth('student')->user()?->name }}@if (auth('student')->user()?->guest)
                · to come back: number {{ auth('student')->user()->shownPin() }}
            @endif
        </span>
        <form method="post" action="{{ route('sign-out') }}" data-leave>@csrf<button class="btn btn-plain">Sign
                out</button></form>
    </header>
    {{ $slot }}
</x-layout.base>

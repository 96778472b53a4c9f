@use('App\Http\Middleware\ThroughPass')
@props(['title', 'at' => '', 'who' => null, 'scripts' => []])
<x-layout.base :$title :$scripts body-class="student">
    <header class="topbar">
        <a class="brand" href="{{ auth('student')->check() ? route('day') : route('trial.day') }}">Open Slate</a>
        @if (auth('student')->check() && !session()->has(ThroughPass::IN_SESSION))
        <nav aria-label="Main">
            <a href="{{ route('day') }}" @if ($at === 'day') aria-current="page" @endif>My day</a>
            <a href="{{ route('taking') }}" @if ($at === 'shelf') aria-current="page" @endif>Class shelf</a>
        </nav>
        @endif
        <span class="topbar__who">{{ $who ?? auth('student')->user()?->name }}@if (auth('student')->user()?->guest)
                · to come back: number {{ auth('student')->user()->shownPin() }}
            @endif
        </span>
        @auth('student')
        <form method="post" action="{{ route('sign-out') }}" data-leave>@csrf<button class="btn btn-plain">Sign
                out</button></form>
        @endauth
    </header>
    {{ $slot }}
</x-layout.base>

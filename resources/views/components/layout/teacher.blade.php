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
            @can('look-after-school')
                <a href="{{ route('school') }}" @if ($at === 'school') aria-current="page" @endif>School</a>
            @endcan
        </nav>
        <a class="topbar__who" href="{{ route('account') }}" @if ($at === 'account') aria-current="page" @endif><span
                class="visually-hidden">Your account: </span>{{ auth('teacher')->user()?->name }}</a>
        <form method="post" action="{{ route('sign-out') }}" data-leave>@csrf<button class="btn btn-plain">Sign
                out</button></form>
    </header>
    {{ $slot }}
</x-layout.base>

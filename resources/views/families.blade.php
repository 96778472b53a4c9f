@use('App\View\Count')
<x-layout.base :title="'What is set for ' . $class->name" body-class="student">
    <header class="topbar">
        <span class="brand">{{ $school->name }}</span>
    </header>
    <main id="main" class="room">
        <div class="room__head">
            <h1>What is set for {{ $class->name }}</h1>
            <p><a href="{{ route('families.feed', $class->family_token) }}">As a calendar</a></p>
        </div>
        @if ($set->isEmpty())
            <p class="empty"><b>Nothing is set at present.</b></p>
        @endif
        <ul class="lines-list lines-list--told">
            @foreach ($set as ['handout' => $handout, 'times' => $times])
                <li><b>{{ $handout->title }}</b>
                    <span>{{ $times->due === null ? 'no due time' : ($times->due < now() ? 'was due ' : 'due ') . $school->said($times->due) }}</span>
                </li>
            @endforeach
        </ul>
        <p class="ledger__hint">Names and work are not shown here.</p>
    </main>
</x-layout.base>

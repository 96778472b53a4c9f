@use('App\View\HandoutWords')
<x-layout.teacher title="Handed out" at="handouts">
    <main id="main" class="room">
        <div class="room__head">
            <h1>Handed out</h1>
        </div>
        @if ($handouts->isEmpty())
            <p class="empty"><b>Nothing has been handed out yet.</b> Open a worksheet on the <a
                    href="{{ route('shelf') }}">shelf</a> and go to its station “Hand out”.</p>
        @endif
        <ul class="lines-list">
            @foreach ($handouts as $handout)
                <li><a href="{{ route('desks', $handout) }}">
                        <b>{{ $handout->title }}</b>
                        <span>{{ $handout->classes->pluck('name')->join(', ', ' and ') }}</span>
                        @if ($out = HandoutWords::out($handout, $school))
                            <span><b>{{ $out }}</b></span>
                        @endif
                        <span>{{ $handout->due_at ? 'due ' . $school->said($handout->due_at) : 'no due time' }}</span>
                        <span class="lines-list__end">{{ $handedIn->words($handout) }}</span>
                    </a></li>
            @endforeach
        </ul>
    </main>
</x-layout.teacher>

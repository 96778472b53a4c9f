@use('App\View\HandoutWords')
<x-layout.teacher title="Handed out" at="handouts">
    <main id="main" class="room">
        <div class="room__head room__head--row">
            <h1>{{ $away ? 'Put away' : 'Handed out' }}</h1>
            @if ($away)
                <a href="{{ route('handouts.index') }}">Handed out ({{ $others }})</a>
            @elseif ($others > 0)
                <a href="{{ route('handouts.index', ['away' => 1]) }}">Put away ({{ $others }})</a>
            @endif
        </div>
        <x-said />
        @if ($handouts->isEmpty() && $away)
            <p class="empty"><b>Nothing is put away.</b></p>
        @elseif ($handouts->isEmpty())
            <p class="empty"><b>Nothing has been handed out yet.</b> Open a worksheet on the <a
                    href="{{ route('shelf') }}">shelf</a> and go to its station “Hand out”.</p>
        @endif
        <ul class="lines-list">
            @foreach ($handouts as $handout)
                <li><a href="{{ route($away && $handout->teacher_id === auth('teacher')->id() ? 'handouts.change' : 'desks', $handout) }}">
                        <b>{{ $handout->title }}</b>
                        <span>{{ $handout->classes->pluck('name')->join(', ', ' and ') }}{{ $handout->teacher_id === auth('teacher')->id() ? '' : ' · by ' . $handout->teacher->name }}</span>
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

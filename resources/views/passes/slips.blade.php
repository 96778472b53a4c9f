<x-layout.teacher :title="'Slips: ' . $handout->title" at="handouts" :scripts="['resources/js/print.js']">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('passes', $handout) }}">Passes to {{ $handout->title }}</a></p>
            <h1>A slip for each</h1>
            <p>Six on a page, to cut apart. A slip opens its student’s copy of this handout with nothing to type, and
                nothing else: give each to its owner alone.</p>
        </div>
        <div class="verbs"><button type="button" class="btn btn-primary" data-print>Print</button></div>
        @if ($passes->isEmpty())
            <p class="empty"><b>No slips yet.</b> Make them on the page before.</p>
        @endif
        <ul class="slips">
            @foreach ($passes as $pass)
                <li class="slip">
                    <div class="slip__way">{!! $codes[$pass->id] !!}</div>
                    <div class="slip__words">
                        <h2>{{ $pass->student?->name }}</h2>
                        <p>{{ $handout->title }}</p>
                        <p>Point a camera here, or type<br><b>{{ $pass->shortAddress() }}</b></p>
                        <p>Until {{ $school->said($pass->ends_at) }}</p>
                    </div>
                </li>
            @endforeach
        </ul>
    </main>
</x-layout.teacher>

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
                <x-slip :code="$codes[$pass->id]" :name="$pass->student?->name">
                    <p>{{ $handout->title }}</p>
                    <p>Point a camera here, or type<br><b>{{ $pass->shortAddress() }}</b></p>
                    <p>Until {{ $school->said($pass->ends_at) }}</p>
                </x-slip>
            @endforeach
        </ul>
    </main>
</x-layout.teacher>

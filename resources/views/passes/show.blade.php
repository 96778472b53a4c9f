{{-- One pass for the wall. --}}
@use('App\Models\PassKind')
<x-layout.teacher :title="'Pass: ' . $handout->title" at="handouts" :scripts="['resources/js/print.js']">
    <main id="main" class="room">
        <p class="verbs"><a class="btn btn-plain" href="{{ route('passes', $handout) }}">All passes of it</a>
            <button type="button" class="btn btn-plain" data-print>Print</button></p>
        <div class="wall">
            <div class="wall__words">
                <h1>{{ $handout->title }}</h1>
                @if ($pass->class)
                    <p class="wall__for">{{ $pass->class->name }}</p>
                @endif
                <p>Point a camera here, or type</p>
                <p class="wall__address">{{ $pass->shortAddress() }}</p>
                <p>Or go to <b>{{ preg_replace('#^https?://#', '', url('/class')) }}</b> and type</p>
                <p class="wall__code">{{ trim(chunk_split($pass->code, 4, ' ')) }}</p>
                <p>{{ $pass->kind === PassKind::Open ? 'Then give your name.' : 'Then choose your name.' }}</p>
            </div>
            {!! $qr !!}
        </div>
        <p class="wall__ends">Until {{ $school->said($pass->ends_at) }}</p>
    </main>
</x-layout.teacher>

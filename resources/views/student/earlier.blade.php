{{-- A copy as it was at a moment, for its student. $copy, $moment, $past, $pictures, $mayReturn --}}
@use('App\View\CopyWords')
@use('App\View\PastCopy')
<x-layout.student :title="$copy->item->handout->title . ', ' . PastCopy::words($moment, $school)" at="day">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('copies.show', $copy) }}">Back to how it is now</a></p>
            <h1>{{ $copy->item->handout->title }}</h1>
            <p><b>{{ PastCopy::words($moment, $school) }}</b>. {{ $past->differs() }}
                @if ($moment->returned_at?->isFuture() === false && $past->earned() !== '')
                    You had <b>{{ $past->earned() }}</b>.
                @endif
            </p>
        </div>
        @if ($mayReturn)
            <form method="post" action="{{ route('earlier.return', [$copy, $moment]) }}" class="past__head">@csrf
                <p>You can go back to this. How it is now is kept here, too, so that you can change your mind.</p>
                <button class="btn btn-primary">Go back to this</button>
            </form>
        @endif
        <ol class="large">
            @foreach ($copy->item->edition->frozenPages() as $index => $frozen)
                @php($page = $frozen->forStudents($answers))
                <li><x-page.sheet :$page :$pictures :number="$index + 1" :of="$copy->item->edition->pages_count"
                        :texts="$past->texts" :marked="$past->marked($index + 1)" :answers="$answers"
                        :fills="CopyWords::fills($copy, $copy->item->handout, $copy->times(), $school)"
                        sizes="(min-width: 900px) 860px, 100vw" /></li>
            @endforeach
        </ol>
    </main>
</x-layout.student>

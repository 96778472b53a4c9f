@use('App\View\PastCopy')
<x-layout.teacher :title="$copy->whose() . ', ' . PastCopy::words($moment, $school)" at="handouts">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('desks.copy', $copy) }}">Back to the copy as it is now</a></p>
            <h1>{{ $copy->whose() }}</h1>
            <p>{{ $copy->item->handout->title }}: <b>{{ PastCopy::words($moment, $school) }}</b></p>
        </div>
        <x-said />
        <div class="past__head">
            <p>{{ $moment->filled }} of {{ $copy->item->edition->places_count }} filled{{ $past->earned() === '' ? '' : ', ' . $past->earned() }}.
                {{ $past->differs() }}</p>
            <form method="post" action="{{ route('moments.return', [$copy, $moment]) }}">@csrf<button
                    class="btn btn-primary">Return to this</button></form>
        </div>
        <ol class="large">
            @foreach ($copy->item->edition->frozenPages() as $index => $page)
                <li><x-page.sheet :$page :number="$index + 1" :of="$copy->item->edition->pages_count"
                        :texts="$past->texts" :marked="$past->marked($index + 1)" answers
                        sizes="(min-width: 900px) 860px, 100vw" /></li>
            @endforeach
        </ol>
    </main>
</x-layout.teacher>

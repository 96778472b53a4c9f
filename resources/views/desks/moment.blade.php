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
            @if ($moments->isNotEmpty())
                <form method="get" class="past__with"><label>Held against <select name="with" class="form-select"
                            autocomplete="off">
                            <option value="">what it is now</option>
                            @foreach ($moments as $one)
                                <option value="{{ $one->id }}" @selected($one->is($other))>{{ PastCopy::words($one, $school) }}</option>
                            @endforeach
                        </select></label>
                    <button class="btn btn-plain">Show</button></form>
            @endif
            <form method="post" action="{{ route('moments.return', [$copy, $moment]) }}">@csrf<button
                    class="btn btn-primary">Return to this</button></form>
        </div>
        <ol class="large large--two">
            @foreach ($copy->item->edition->frozenPages() as $index => $page)
                <li>
                    <h2>Then</h2>
                    <x-page.sheet :$page :number="$index + 1" :of="$copy->item->edition->pages_count"
                        :texts="$past->texts" :marked="$past->marked($index + 1)" answers
                        sizes="(min-width: 900px) 600px, 100vw" />
                </li>
                <li>
                    <h2>{{ $other === null ? 'Now' : PastCopy::words($other, $school) }}</h2>
                    <x-page.sheet :$page :number="$index + 1" :of="$copy->item->edition->pages_count" :texts="$against"
                        :marked="$past->marked($index + 1)" answers sizes="(min-width: 900px) 600px, 100vw" />
                </li>
            @endforeach
        </ol>
    </main>
</x-layout.teacher>

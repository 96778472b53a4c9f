@use('App\View\Count')
<x-layout.teacher title="Bin" at="shelf">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('shelf') }}">Back to the shelf</a></p>
            <h1>Bin</h1>
        </div>
        @if ($worksheets->isEmpty() && $units->isEmpty())
            <p class="empty"><b>The bin is empty.</b> What you throw away lies here for 30 days.</p>
        @endif
        <ul class="lines-list">
            @foreach ($units as $unit)
                <li class="binned"><b>{{ $unit->name }}</b><span>unit</span>
                    <form method="post" action="{{ route('units.put-back', $unit) }}">@csrf<button class="btn btn-plain"
                            aria-label="Put the unit {{ $unit->name }} back">Put back</button></form>
                </li>
            @endforeach
            @foreach ($worksheets as $worksheet)
                <li class="binned">
                    <b>{{ $worksheet->name }}</b><span>{{ Count::of($worksheet->pages_total, 'page') }}</span>
                    @if ($worksheet->canBePutBack())
                        <span>until {{ $school->said($worksheet->leavesBinAt()) }}</span>
                        <form method="post" action="{{ route('bin.put-back', $worksheet) }}">@csrf<button
                                class="btn btn-plain" aria-label="Put {{ $worksheet->name }} back">Put back</button>
                        </form>
                    @else
                        <span>too long in the bin to put back</span>
                    @endif
                </li>
            @endforeach
        </ul>
    </main>
</x-layout.teacher>

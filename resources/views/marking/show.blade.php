<x-layout.teacher :title="'Marking: ' . $handout->title" at="handouts" :scripts="['resources/js/marking.js']">
    <main id="main" class="room room--wide" @if ($table) data-marking @endif data-address="{{ route('marking.give', $handout) }}"
        data-comments="{{ route('marking.comments', $handout) }}">
        <div class="room__head">
            <p><a href="{{ route('desks', ['handout' => $handout, 'item' => $item->id]) }}">Back to the desks</a>
            </p>
            <h1>Marking {{ $handout->title }}</h1>
            <p>{{ $item->edition->name }} · {{ $handout->classes->pluck('name')->join(', ', ' and ') }}</p>
        </div>
        @if ($table === null)
            <p class="empty"><b>Nothing in it is marked.</b> Give its places points or right answers at the station
                “Key”: what is handed in is marked by them at once.</p>
        @else
            <p class="notice notice--bad" data-marking-said role="alert" hidden></p>
            <p class="visually-hidden" data-marking-told role="status"></p>
            <div data-marking-table>@include('marking.table')</div>
        @endif
    </main>
</x-layout.teacher>

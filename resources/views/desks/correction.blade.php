{{-- A worksheet was mended since it was handed out. $item, $correction: App\Actions\CorrectionOffer or null --}}
@use('App\View\Count')
@if ($correction !== null)
    <form class="notice correction" method="post" action="{{ route('correct', $item) }}">@csrf
        <p><b>“{{ $item->edition->name }}” was changed since it was handed out:</b> students would see
            {{ Count::of($correction->pages, 'page') }} otherwise.
            @if ($item->mode->hasCopies())
                {{ $correction->written === 0 ? 'Nothing is written yet.' : Count::of($correction->written, 'copy keeps', 'copies keep') . ' every answer in its place' . ($correction->waiting === 0 ? '.' : '; ' . Count::of($correction->waiting, 'answer', 'answers') . ' whose place is gone will wait beside the page.') }}
            @endif
        </p>
        <button class="btn btn-primary">{{ $item->mode->hasCopies() ? 'Give all ' . ($correction->untouched + $correction->written) . ' copies the correction' : 'Let students read it as it is now' }}</button>
    </form>
@elseif ($item->corrected_from !== null && Gate::allows('correct', $item))
    <form class="notice correction" method="post" action="{{ route('correct.undo', $item) }}">@csrf @method('delete')
        <p>{{ $item->mode->hasCopies() ? 'All copies have the corrected worksheet.' : "Students read the corrected “{$item->edition->name}”." }}</p>
        <button class="btn btn-plain">Take the correction back</button>
    </form>
@endif

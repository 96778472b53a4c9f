{{-- The worksheet was mended since it was handed out. $item, $correction: App\Actions\CorrectionOffer or null --}}
@use('App\View\Count')
@if ($correction !== null)
    <form class="notice correction" method="post" action="{{ route('correct', $item) }}">@csrf
        <p><b>The worksheet was changed since it was handed out:</b> students would see
            {{ Count::of($correction->pages, 'page') }} otherwise.
            {{ $correction->written === 0 ? 'Nothing is written yet.' : Count::of($correction->written, 'copy keeps', 'copies keep') . ' every answer in its place' . ($correction->waiting === 0 ? '.' : '; ' . Count::of($correction->waiting, 'answer', 'answers') . ' whose place is gone will wait beside the page.') }}
        </p>
        <button class="btn btn-primary">Give all {{ $correction->untouched + $correction->written }} copies the correction</button>
    </form>
@elseif ($item->corrected_from !== null && Gate::allows('correct', $item))
    <form class="notice correction" method="post" action="{{ route('correct.undo', $item) }}">@csrf @method('delete')
        <p>All copies have the corrected worksheet.</p><button class="btn btn-plain">Take the correction back</button>
    </form>
@endif

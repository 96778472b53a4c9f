@use('App\View\Count')
<x-layout.teacher title="From colleagues" at="shelf">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('shelf') }}">Back to the shelf</a></p>
            <h1>From colleagues</h1>
        </div>
        @if ($worksheets->isEmpty())
            <p class="empty"><b>Nobody shares anything with you yet.</b> What a colleague shares stands here to look at,
                and to take as your own.</p>
        @endif
        <ul class="shelf">
            @foreach ($worksheets as $worksheet)
                <li class="shelf__item"><a class="shelf__link" href="{{ route('colleagues.show', $worksheet) }}">
                        <span class="shelf__cover" aria-hidden="true">
                            @if ($first = $worksheet->pages->first())
                                <x-page.small :row="$first" />
                            @endif
                        </span>
                        <span class="shelf__words">
                            <b class="shelf__name">{{ $worksheet->name }}</b>
                            <span>{{ Count::of($worksheet->pages_total, 'page') }}</span>
                            <span class="shelf__fact">{{ $worksheet->teacher->name }}</span>
                            <time class="shelf__fact" datetime="{{ $worksheet->updated_at->toIso8601String() }}">
                                Changed {{ $school->spoken($worksheet->updated_at) }}
                            </time>
                        </span>
                    </a></li>
            @endforeach
        </ul>
    </main>
</x-layout.teacher>

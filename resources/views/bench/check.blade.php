@use('App\Actions\MendFindings')
<x-layout.bench :$job :title="'Check ' . $worksheet->name">
    <main id="main" class="table table--form">
        <div class="table__head">
            <h2>Check</h2>
        </div>
        <x-said />
        @if ($found === [])
            <p class="empty"><b>Nothing to mend.</b> <a href="{{ route('handouts.create', $worksheet) }}">Hand it
                    out</a>.</p>
        @else
            <p class="ledger__hint">What may be wrong, page by page.
                @if ($locked)
                    It is locked, since sets were cut from it: unlock it at Pages to mend it.
                @else
                    Nothing is changed before you say so.
                @endif
            </p>
            @if ($notForStudents > 1)
                <form method="post" action="{{ route('check.mend', $worksheet) }}" class="found-all">@csrf<button
                        class="btn btn-plain" name="code" value="{{ MendFindings::NOT_FOR_STUDENTS }}">Take out all
                        {{ $notForStudents }} pages that are not for students</button></form>
            @endif
        @endif
        @foreach ($found as $number => $rows)
            @php($row = $number === 0 ? null : $worksheet->pages->firstWhere('position', $number))
            <section class="found" aria-labelledby="found-{{ $number }}">
                <div class="found__of">
                    @if ($row)
                        <x-page.small :$row />
                    @endif
                    <h3 id="found-{{ $number }}">{{ $number === 0 ? 'All of it' : "Page {$number}" }}</h3>
                </div>
                <ul>
                    @foreach ($rows as $one)
                        <li class="found__one found__one--{{ strtolower($one->finding->severity->name) }}">
                            <span class="found__severity">{{ $one->severity() }}</span>
                            <span>{{ $one->finding->words }}</span>
                            <span class="verbs">
                                @if (!$locked && $one->mending())
                                    <form method="post" action="{{ route('check.mend', $worksheet) }}">@csrf
                                        <input type="hidden" name="page" value="{{ $one->finding->page }}">
                                        <input type="hidden" name="element" value="{{ $one->finding->element }}">
                                        <button class="btn btn-plain" name="code"
                                            value="{{ $one->finding->code }}">{{ $one->mending() }}<span
                                                class="visually-hidden">: {{ $one->finding->words }}</span></button>
                                    </form>
                                @endif
                                <a class="btn btn-plain" href="{{ $one->address() }}">{{ $one->go() }}<span
                                        class="visually-hidden">: {{ $one->finding->words }}</span></a>
                            </span>
                        </li>
                    @endforeach
                </ul>
            </section>
        @endforeach
    </main>
</x-layout.bench>

@use('App\View\HandoutWords')
@use('OpenSlate\Handout\Mode')
<x-layout.teacher :title="'Desks: ' . $handout->title" at="handouts" :scripts="['resources/js/desks.js']">
    <main id="main" class="room room--wide"
        @if ($item)
            data-desks data-changes="{{ route('desks.changes', $handout) }}" data-item="{{ $item->id }}"
            data-page="{{ $page }}"
        @endif>
        <div class="room__head">
            <h1>{{ $handout->title }}</h1>
            <p>{{ $handout->classes->pluck('name')->join(', ', ' and ') }} ·
                {{ $handout->shelf_of ? 'copies that were taken' : HandoutWords::due($handout, $handout->times(), $school) }}
                @if ($item)
                    · <a href="{{ route('copies.leaving', $item) }}">Paper and PDF</a>
                @endif
                @can('change', $handout)
                    · <a href="{{ route('handouts.change', $handout) }}">Change it</a>
                    · <a href="{{ route('passes', $handout) }}">Passes</a>
                    · <a href="{{ route('preview', $handout) }}">As students see it</a>
                @elseif ($handout->shelf_of)
                    · <a href="{{ route('class-shelf', $handout->shelf_of) }}">What is on it</a>
                @else
                    · by {{ $handout->teacher->name }}
                @endcan
            </p>
            @if ($out = HandoutWords::out($handout, $school))
                <p><b>Nobody has it yet: {{ $out }}.</b></p>
            @endif
        </div>
        <x-said />
        @foreach ($corrections as [$corrected, $correction])
            @include('desks.correction', ['item' => $corrected])
        @endforeach
        @if ($item === null)
            <p class="empty"><b>This was handed out to read.</b> There are no copies to watch.</p>
        @else
            <div class="desks__bar">
                @php($own = $handout->items->filter(fn($one) => $one->mode->hasCopies()))
                @if ($own->count() > 1)
                    <nav aria-label="Items">
                        @foreach ($own as $one)
                            <a class="btn btn-plain"
                                href="{{ route('desks', ['handout' => $handout, 'item' => $one->id]) }}"
                                @if ($one->is($item)) aria-current="page" @endif>{{ $one->edition->name }}</a>
                        @endforeach
                    </nav>
                @endif
                @if ($item->edition->pages_count > 1)
                    <nav class="desks__pages" aria-label="Which page to show"><span>Show</span>
                        <a class="btn btn-plain"
                            href="{{ route('desks', ['handout' => $handout, 'item' => $item->id]) }}"
                            @if ($page === 0) aria-current="page" @endif>where each one is</a>
                        @for ($n = 1; $n <= $item->edition->pages_count; $n++)
                            <a class="btn btn-plain"
                                href="{{ route('desks', ['handout' => $handout, 'item' => $item->id, 'page' => $n]) }}"
                                @if ($page === $n) aria-current="page" @endif>page
                                {{ $n }}</a>
                        @endfor
                    </nav>
                @endif
                @if ($item->edition->places_count > 0)
                    <a class="btn btn-plain" href="{{ route('marking', ['handout' => $handout, 'item' => $item->id]) }}">Mark</a>
                    <a class="btn btn-plain" href="{{ route('results', $handout) }}">Results</a>
                @endif
                @if (Gate::allows('change', $handout) && $handout::mayBeClosed($times))
                    <form method="post" action="{{ route('handouts.change.close', $handout) }}">@csrf<input type="hidden"
                            name="base" value="{{ $handout->revision }}"><button class="btn btn-plain">Close it now</button>
                    </form>
                @endif
                <p class="desks__pulse" data-pulse>Live</p>
            </div>
            @if ($byClass !== [])
                <div class="desk-verbs">
                    @include('desks.word', ['to' => null])
                    @include('desks.hold')
                    @if ($item->edition->places_count > 0)
                        @include('marking.back')
                        @include('marking.fresh')
                        @includeWhen(Gate::allows('keep', $handout), 'marking.answers')
                    @endif
                </div>
            @endif
            @if ($byClass !== [])
                <div class="desks__bar desks__sieve" data-sieve hidden>
                    <div class="desks__states" role="group" aria-label="Show only">
                        @foreach (['not_opened' => 'not opened', 'working' => 'working', 'still' => 'still for five minutes', 'handed_in' => 'handed in'] as $state => $words)
                            <button type="button" class="btn btn-plain" data-only="{{ $state }}"
                                aria-pressed="false"><b data-count>0</b> {{ $words }}</button>
                        @endforeach
                    </div>
                    <label>In order of <select class="form-select" data-order>
                            <option value="name">names</option>
                            <option value="filled">least filled first</option>
                            <option value="still">longest still first</option>
                        </select></label>
                    <label>Find <input type="search" class="form-control" data-find-desk autocomplete="off"></label>
                    <label><input type="checkbox" class="form-check-input" data-hide-names> Hide names</label>
                    @if (!$scheme->total()->isNone())
                        <label><input type="checkbox" class="form-check-input" data-show-right> Right so far, by the
                            key</label>
                    @endif
                    <p class="visually-hidden" data-sieved role="status"></p>
                </div>
            @endif
            @if ($byClass === [])
                <p class="empty"><b>Nobody has this yet.</b> Students who join the class get it at once.</p>
            @endif
            @php($pages = $item->edition->frozenPages())
            @foreach ($byClass as $name => $some)
                <section class="desks__class" aria-label="{{ $name }}">
                    @if (count($byClass) > 1)
                        <h2>{{ $name }}</h2>
                    @endif
                    <ul class="desks">
                        @foreach ($some as $copy)
                            @include('desks.desk', ['edition' => $item->edition])
                        @endforeach
                    </ul>
                </section>
            @endforeach
        @endif
    </main>
</x-layout.teacher>

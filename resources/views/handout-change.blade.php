@use('App\View\HandoutSentence')
@php($words = $sentence->words())
<x-layout.teacher :title="'Change ' . $handout->title" at="handouts" :scripts="['resources/js/hand-out.js']">
    <main id="main" class="room room--wide">
        <div class="room__head room__head--row">
            <h1>{{ $handout->title }}</h1>
            <a href="{{ route('desks', $handout) }}">To the desks</a>
            @foreach (['undo' => [$steps?->undo_to, 'Undo the last change'], 'redo' => [$steps?->redo_to, 'Redo']] as $way => [$to, $says])
                @if ($to !== null)
                    <form method="post" action="{{ route("handouts.change.{$way}", $handout) }}">@csrf<input type="hidden"
                            name="base" value="{{ $handout->revision }}"><button
                            class="btn btn-plain">{{ $says }}</button></form>
                @endif
            @endforeach
        </div>
        <x-said />
        <form method="post" action="{{ route('handouts.change.save', $handout) }}" class="handout" data-hand-out
            data-preview="{{ route('handouts.change.preview', $handout) }}" novalidate>
            @csrf
            <input type="hidden" name="base" value="{{ $handout->revision }}">
            <p class="ledger__hint">Press what is underlined to change it.</p>
            <div class="sentence">
                <span>Students have</span>
                <x-bracket name="items" :words="$words['items']" says="What students have of it" :fields="['kept']">
                    @foreach ($items as $item)
                        <label class="opened__way"><input type="checkbox" class="form-check-input" name="kept[]"
                                value="{{ $item->id }}" @checked(in_array($item->id, $kept, true)) autocomplete="off">
                            {{ $item->edition->name }}
                            ({{ HandoutSentence::WAYS[$item->mode->value] ?? 'to read' }})</label>
                        @if ($item->mode->hasCopies())
                            <label class="given__points">points <input type="number" min="0" max="1000" placeholder="–"
                                    name="item_points[{{ $item->edition->worksheet_id }}]" class="form-control"
                                    aria-label="Points of {{ $item->edition->name }}" autocomplete="off"
                                    value="{{ $form->itemPoints[$item->edition->worksheet_id] ?? $item->points }}"></label>
                        @endif
                    @endforeach
                    <p class="ledger__hint">What is taken back is off the students’ lists; what they did on it is kept, and
                        is there again when you tick it again.</p>
                </x-bracket>
                @include('bench.hand-out-sentence')
            </div>
            <p class="handout__will" role="status" data-will>Nothing is changed yet.</p>
            <button class="btn btn-primary btn-lg" data-go>Change it</button>
        </form>
        <div class="verbs handout__more">
            <form method="post" action="{{ route('handouts.change.away', $handout) }}">@csrf<input type="hidden"
                    name="base" value="{{ $handout->revision }}"><button class="btn btn-plain" name="away"
                    value="{{ $handout->put_away_at === null ? 1 : 0 }}">{{ $handout->put_away_at === null ? 'Put it away' : 'Put it back on the lists' }}</button>
            </form>
            @if ($first = $items->first()?->edition->worksheet)
                <a class="btn btn-plain"
                    href="{{ route('handouts.create', ['worksheet' => $first, 'again' => $handout]) }}">Hand it out again,
                    to others</a>
            @endif
        </div>
    </main>
</x-layout.teacher>

@use('OpenSlate\Boards\ChoiceOption')
<x-layout.bench :$job :scripts="['resources/js/board.js']"
    :title="($worksheet->board === null ? 'A choice board from ' : 'The choice board of ') . $worksheet->name">
    <main id="main" class="table table--board" data-board data-preview="{{ route('boards.preview', $worksheet) }}"
        data-save="{{ route('boards.store', $worksheet) }}" data-base="{{ $worksheet->arranged }}">
        <div class="table__head">
            <h2>{{ $worksheet->board === null ? 'A new choice board' : 'Choice board' }}</h2><a
                href="{{ route('worksheets.show', $worksheet) }}">Back to the pages</a>
        </div>
        <div class="notice notice--bad" data-board-problem hidden>
            <p role="alert" data-board-problem-words></p>
        </div>
        <p class="visually-hidden" role="status" data-board-said></p>
        <div data-board-page>@include('bench.board-page')</div>
    </main>
    <aside class="ledger" aria-label="Options">
        <div class="ledger__scroll">
            <div class="ledger__head">
                <div class="field"><label for="board-title">Title</label><input id="board-title" class="form-control"
                        value="{{ $board->title }}" maxlength="120" autocomplete="off" data-board-title></div>
                <div class="field"><label for="board-directions">Directions</label><input id="board-directions"
                        class="form-control" value="{{ $board->directions }}" maxlength="300" autocomplete="off"
                        data-board-directions></div>
                <div class="field"><label for="board-count">Places</label><select id="board-count" class="form-select"
                        data-board-count autocomplete="off">
                        @foreach (range(2, 12) as $count)
                            <option @selected($count === count($board->places))>{{ $count }}</option>
                        @endforeach
                    </select></div>
                <button type="button" class="btn btn-primary"
                    data-board-save>{{ $worksheet->board === null ? 'Make the set' : 'Change the set' }}</button>
            </div>
            <div class="ledger__body">
                <h2>Options</h2>
                <p class="ledger__hint">Drag one into a place, or choose its place. In a place: arrows move it, Delete
                    takes it off the board. Pages are those of {{ $master->name }} (1-{{ $master->pages_total }}), unless it
                    says of what they are.</p>
                <ol class="options" data-options>
                    @foreach ($board->options as $option)
                        @include('bench.board-option')
                    @endforeach
                </ol>
                <div class="verbs">
                    <button type="button" class="btn btn-plain" data-option-new>Another option</button>
                    @if ($others->isNotEmpty())
                        <button type="button" class="btn btn-plain" data-others-open>Options from other
                            worksheets</button>
                    @endif
                </div>
                <template data-option-template>@include('bench.board-option', [
                    'option' => new ChoiceOption('', '', '', []),
                    'form' => null,
                ])</template>
            </div>
        </div>
    </aside>
    @includeWhen($others->isNotEmpty(), 'bench.other-worksheets', [
        'title' => 'Options from other worksheets',
        'hint' =>
            'Each comes with its pages for students, and with the boxes and parts that lie on them. You may change its pages afterwards.',
        'take' => 'Take as options',
    ])
</x-layout.bench>

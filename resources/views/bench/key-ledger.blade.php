{{-- The places of the page with their right answers and points, in reading order. $shown: App\View\KeyPage --}}
@use('App\View\Count')
@use('App\View\PassageWords')
@use('OpenSlate\Answers\ChoiceAnswer')
@use('OpenSlate\Answers\PassageAnswer')
@use('OpenSlate\Answers\TickAnswer')
@use('OpenSlate\Judging\Misspelt')
@use('OpenSlate\Judging\TextAspect')
@use('OpenSlate\Page\ModelAspect')
@php($tally = $shown->tally())
<p class="ledger__tally" role="status" data-keyed="{{ $tally->keyed }}" data-all="{{ $tally->keyable }}">
    @if ($tally->keyable === 0)
        Nothing on this page is marked against a key.
    @else
        {{ $tally->keyed }} of {{ $tally->keyable }} keyed on this page
    @endif
</p>
<ol class="rows">
    @foreach ($shown->rows() as $row)
        <li class="row-of row-of--{{ $row->element->kind()->value }} keyed" data-key-row="{{ $row->name }}">
            <div class="keyed__head"><button type="button" class="row-of__tag" data-key-go
                    aria-label="Go to {{ $row->said() }}">{{ $row->short() }}</button><span
                    class="keyed__words">{{ $row->words() }}</span>
                @if ($row->first)
                    <label class="keyed__points"><input type="number" class="form-control" min="0"
                            max="100" step="0.25" value="{{ $row->element->points() }}"
                            data-points="{{ $row->element->id() }}" placeholder="–"
                            aria-label="Points for {{ $row->cell === null ? '' : 'each in ' }}{{ $row->tag }}">
                        {{ $row->cell === null ? 'points' : 'each' }}</label>
                @endif
            </div>
            @if (!$row->form->kind()->canBeKeyed())
                <p class="keyed__said">Marked by eye.</p>
            @elseif ($row->form instanceof PassageAnswer)
                <textarea class="form-control" rows="2" data-key="{{ $row->name }}" data-one
                    aria-label="Right text of {{ $row->said() }}"
                    placeholder="As it should be">{{ $row->form->right }}</textarea>
                @if ($row->form->right !== '')
                    <p class="keyed__said">{{ PassageWords::planted($row->form) }}</p>
                @endif
            @elseif ($row->form instanceof ChoiceAnswer)
                <p class="keyed__said">{{ $row->hint() }}</p>
                <div class="keyed__choices">
                    @foreach ($row->form->options as $option)
                        <label><input type="checkbox" class="form-check-input" value="{{ $option->id }}"
                                data-key-choice="{{ $row->name }}" @checked($row->isRight($option->id))>
                            {{ $option->words === '' ? 'choice ' . $loop->iteration : $option->words }}</label>
                    @endforeach
                </div>
            @elseif ($row->form instanceof TickAnswer)
                <select class="form-select" data-key="{{ $row->name }}" data-one
                    aria-label="Right answer of {{ $row->said() }}">
                    <option value="">no right answer</option>
                    <option value="yes" @selected($row->isRight('yes'))>has to be ticked</option>
                    <option value="no" @selected($row->isRight('no'))>has to stay empty</option>
                </select>
            @else
                <textarea class="form-control" rows="{{ max(1, count($row->key)) }}" data-key="{{ $row->name }}"
                    aria-label="Right answers of {{ $row->said() }}, one a line"
                    placeholder="{{ $row->hint() }}">{{ implode("\n", $row->key) }}</textarea>
            @endif
            @if ($row->first && ($strictness = $row->strictness()) !== null)
                <details class="keyed__how" data-how="{{ $row->element->id() }}">
                    <summary>{{ $row->held() }}</summary>
                    <div class="keyed__choices" role="group" aria-label="What counts in {{ $row->tag }}">
                        @foreach (TextAspect::cases() as $aspect)
                            <label><input type="checkbox" class="form-check-input" value="{{ $aspect->value }}"
                                    data-counts @checked($strictness->counts($aspect))> {{ $aspect->words() }}</label>
                        @endforeach
                    </div>
                    <label>Closely misspelt is <select class="form-select" data-misspelt
                            aria-label="What {{ $row->tag }} is, closely misspelt">
                            @foreach (Misspelt::cases() as $misspelt)
                                <option value="{{ $misspelt->value }}" @selected($misspelt === $strictness->misspelt)>{{ $misspelt->words() }}</option>
                            @endforeach
                        </select></label>
                    <button type="button" class="btn btn-plain" data-how-all>So for all words on this page</button>
                </details>
            @endif
        </li>
    @endforeach
    @if ($shown->content->hasMoves())
        @php($key = $shown->content->key)
        @php($said = $key === null ? 'Build the right model on the page.' : Count::of($shown->placed(), 'part'))
        <li class="row-of row-of--part keyed" data-key-row="_parts">
            <div class="keyed__head"><button type="button" class="row-of__tag" data-key-go
                    aria-label="Go to the parts">Parts</button><span class="keyed__words">{{ $said }}</span>
                <label class="keyed__points"><input type="number" class="form-control" min="0" max="100"
                        step="0.25" value="{{ $key?->points }}" data-model-points aria-label="Points for the model"
                        placeholder="–" @disabled($key === null)> points</label>
            </div>
            <div class="keyed__choices" role="group" aria-label="What of the model counts">
                @foreach (ModelAspect::cases() as $aspect)
                    <label><input type="checkbox" class="form-check-input" value="{{ $aspect->value }}"
                            data-model-counts @checked($key?->counts($aspect)) @disabled($key === null)>
                        {{ $aspect->words() }}</label>
                @endforeach
            </div>
        </li>
    @endif
</ol>

{{-- The places of the page with their right answers and points, in reading order. $shown: App\View\KeyPage --}}
@php($tags = \OpenSlate\Page\Tags::of($shown->content))
@php($tally = \OpenSlate\Page\Tally::of($shown->content))
<p class="ledger__tally" role="status" data-keyed="{{ $tally->keyed }}" data-all="{{ $tally->keyable }}">{{ $tally->keyable === 0 ? 'Nothing on this page is marked against a key.' : "{$tally->keyed} of {$tally->keyable} keyed on this page" }}</p>
<ol class="rows">
    @foreach ($shown->content->answerables() as $element)
        @php($keys = $element->keys())
        @php($tag = $tags[$element->id()])
        @foreach ($element->places() as $name => $form)
            @php($cell = $element instanceof \OpenSlate\Elements\AnswerBox ? null : str_replace('-', ', ', explode('.', $name, 2)[1]))
            @php($said = $cell === null ? $tag : "{$tag}, ".($element instanceof \OpenSlate\Elements\Table ? 'cell' : 'box')." {$cell}")
            <li class="row-of row-of--{{ $element->kind()->value }} keyed" data-key-row="{{ $name }}">
                <div class="keyed__head"><button type="button" class="row-of__tag" data-key-go aria-label="Go to {{ $said }}">{{ $cell === null ? $tag : $tag.' '.$cell }}</button><span class="keyed__words">{{ $cell !== null && $element->prompt === '' ? '' : \App\View\ElementWords::of($element) }}</span>
                    @if ($cell === null || $loop->first)<label class="keyed__points"><input type="number" class="form-control" min="0" max="100" step="0.5" value="{{ $element->points() }}" data-points="{{ $element->id() }}" aria-label="Points for {{ $cell === null ? $tag : 'each in '.$tag }}" placeholder="–"> {{ $cell === null ? 'points' : 'each' }}</label>@endif</div>
                @if (! $form->kind()->canBeKeyed())
                    <p class="keyed__said">Marked by eye.</p>
                @elseif ($form instanceof \OpenSlate\Answers\PassageAnswer)
                    <textarea class="form-control" rows="2" data-key="{{ $name }}" data-one aria-label="Right text of {{ $said }}" placeholder="As it should be">{{ $form->right }}</textarea>
                    @if ($form->right !== '')<p class="keyed__said">{{ \App\View\PassageWords::planted($form) }}</p>@endif
                @elseif ($form instanceof \OpenSlate\Answers\ChoiceAnswer)
                    <p class="keyed__said">{{ ($keys[$name] ?? []) === [] ? ($form->many ? 'Choose all that are right.' : 'Choose what is right.') : '' }}</p>
                    <div class="keyed__choices">@foreach ($form->options as $option)<label><input type="checkbox" class="form-check-input" value="{{ $option->id }}" data-key-choice="{{ $name }}" @checked(in_array($option->id, $keys[$name] ?? [], true))> {{ $option->words === '' ? 'choice '.$loop->iteration : $option->words }}</label>@endforeach</div>
                @elseif ($form instanceof \OpenSlate\Answers\TickAnswer)
                    <select class="form-select" data-key="{{ $name }}" data-one aria-label="Right answer of {{ $said }}"><option value="">not said</option><option value="yes" @selected(($keys[$name] ?? []) === ['yes'])>has to be ticked</option><option value="no" @selected(($keys[$name] ?? []) === ['no'])>has to stay empty</option></select>
                @else
                    <textarea class="form-control" rows="{{ max(1, count($keys[$name] ?? [])) }}" data-key="{{ $name }}" aria-label="Right answers of {{ $said }}, one a line" placeholder="{{ $form instanceof \OpenSlate\Answers\NumberAnswer ? 'Right number, such as 3.5 or 3.5 ± 0.1' : 'Right answer; others as right below it' }}">{{ implode("\n", $keys[$name] ?? []) }}</textarea>
                @endif
            </li>
        @endforeach
    @endforeach
    @if ($shown->content->hasMoves())
        @php($key = $shown->content->key)
        @php($placed = $key === null ? 0 : count(\OpenSlate\Assembly\Model::parse($key->model)->placed))
        <li class="row-of row-of--part keyed" data-key-row="_parts">
            <div class="keyed__head"><button type="button" class="row-of__tag" data-key-go aria-label="Go to the parts">Parts</button><span class="keyed__words">{{ $key === null ? 'Build the right model on the page.' : \App\View\Count::of($placed, 'part') }}</span>
                <label class="keyed__points"><input type="number" class="form-control" min="0" max="100" step="0.5" value="{{ $key?->points }}" data-model-points aria-label="Points for the model" placeholder="–" @disabled($key === null)> points</label></div>
            <div class="keyed__choices" role="group" aria-label="What of the model counts">@foreach (['spots' => 'which part is in which spot, and how many', 'order' => 'their order in rows and on lines', 'joints' => 'what is joined to what', 'ends' => 'at which joints'] as $aspect => $words)<label><input type="checkbox" class="form-check-input" value="{{ $aspect }}" data-model-counts @checked($key !== null && in_array(\OpenSlate\Page\ModelAspect::from($aspect), $key->counts, true)) @disabled($key === null)> {{ $words }}</label>@endforeach</div>
        </li>
    @endif
</ol>

{{-- The answers to one question, in piles. $handout, $table: App\View\MarkingTable --}}
@use('App\View\Count')
@use('OpenSlate\Marking\Pile')
@php($question = $table->question)
@php($with = $table->withWorking ? 'working' : null)
@php($to = fn(?string $place, ?string $with) => route('marking', array_filter(['handout' => $handout->id, 'item' => $table->item->id, 'place' => $place, 'with' => $with])))
@php($at = $question->place->place->id)
@php($full = $question->place->full)
<div data-question="{{ $at }}" data-item="{{ $table->item->id }}" data-with="{{ $with }}"
    data-seen="{{ $table->item->markings }}">
    <nav class="questions" aria-label="Questions">
        <ol>
            @foreach ($table->questions as $id => $one)
                <li><a href="{{ $to($id, $with) }}" @if ($id === $at) aria-current="page" @endif
                        title="{{ $one->words }}"><span class="visually-hidden">Question </span>{{ $loop->iteration }}<span
                            @class(['questions__left', 'questions__left--none' => $table->waiting[$id] === 0])>{{ $table->waiting[$id] === 0 ? 'done' : $table->waiting[$id] }}<span
                                class="visually-hidden">{{ $table->waiting[$id] === 0 ? '' : ' to look at' }}</span></span></a>
                </li>
            @endforeach
        </ol>
    </nav>
    <div class="question-at">
        <div class="question-at__words">
            <p class="question-at__number">Question {{ $table->number() }} of {{ count($table->questions) }}</p>
            <h2>{{ $question->words }}</h2>
            <p>{{ ucfirst($full->named()) }}.
                @if (($key = $question->key()) !== '')
                    Right: <b dir="auto">{{ $key }}</b>
                @elseif ($question->place->key === [])
                    No key can judge this: it is yours to say.
                @else
                    The right model is on the Key station.
                @endif
            </p>
            <p class="question-at__ways">
                @if ($before = $table->beside(-1))
                    <a class="btn btn-plain" data-before href="{{ $to($before, $with) }}">Question before</a>
                @endif
                @if ($next = $table->beside(1))
                    <a class="btn btn-primary" data-next href="{{ $to($next, $with) }}">Next question</a>
                @else
                    <a class="btn btn-primary" data-next
                        href="{{ route('desks', ['handout' => $handout, 'item' => $table->item->id]) }}">Back to the
                        desks</a>
                @endif
            </p>
            <p class="question-at__whose">{{ Count::of($table->copies->count(), 'copy', 'copies') }}{{ $table->withWorking ? '' : ' handed in' }}.
                @if ($table->working > 0 && !$table->withWorking)
                    <a href="{{ $to($at, 'working') }}">Take in {{ $table->working === 1 ? 'the one' : 'the ' . $table->working }}
                        not handed in</a>
                @elseif ($table->withWorking && $table->working > 0)
                    <a href="{{ $to($at, null) }}">Only what is handed in</a>
                @endif
            </p>
        </div>
        <x-page.glimpse class="question-at__seen" :page="$question->page" :frame="$question->seen"
            :number="$question->place->place->page()" :of="$table->item->edition->pages_count"
            label="The question on its page" />
    </div>
    <p class="keys-line">Choose a slip, then <kbd>1</kbd> right, <kbd>2</kbd> in part, <kbd>3</kbd> not right,
        <kbd>4</kbd> to look at, <kbd>K</kbd> as the key says. <kbd>Page Down</kbd> next question. Or drag it, or tap it and
        then the pile.</p>
    <div class="piles">
        @foreach (Pile::cases() as $pile)
            @php($slips = $table->piles[$pile->value])
            <section class="pile pile--{{ $pile->value }}" data-pile="{{ $pile->value }}"
                aria-label="{{ $pile->words() }}: {{ Count::of(array_sum(array_map(fn($slip) => count($slip->copies), $slips)), 'answer') }}">
                <h3 class="pile__head">
                    <button type="button" class="pile__name" data-to="{{ $pile->value }}">{{ $pile->words() }}
                        <span class="pile__count">{{ array_sum(array_map(fn($slip) => count($slip->copies), $slips)) }}</span></button>
                    @if ($pile === Pile::Right)
                        <span class="pile__points">{{ $full->named() }}</span>
                    @elseif ($pile === Pile::Part)
                        <label class="pile__points"><input type="text" inputmode="decimal" class="form-control"
                                data-points data-full="{{ $full->number() }}" value="{{ $table->partial->words() }}"
                                aria-label="Points in part"> of {{ $full->words() }}</label>
                    @elseif ($pile === Pile::Wrong)
                        <span class="pile__points">0</span>
                    @endif
                </h3>
                @if ($slips !== [])
                    <details class="pile__comment">
                        <summary>Comment for all in it</summary>
                        <textarea class="form-control" rows="2" maxlength="{{ App\Models\Comment::LONGEST }}" dir="auto"
                            data-pile-words aria-label="Comment for all answers in “{{ $pile->words() }}”"></textarea>
                        <button type="button" class="btn btn-plain" data-pile-write>Write it on all of them</button>
                    </details>
                @endif
                @if ($slips === [])
                    <p class="pile__none">{{ $pile === Pile::Look ? ($table->copies->isEmpty() ? 'Nobody has handed in yet.' : 'Nothing waits here.') : 'Empty' }}</p>
                @endif
                <ul class="papers">
                    @foreach ($slips as $slip)
                        @include('marking.slip')
                    @endforeach
                </ul>
            </section>
        @endforeach
    </div>
</div>

{{-- Like answers, marked alike. $table, $question, $slip, $pile --}}
@use('App\View\Count')
@use('App\View\MarkingWords')
@use('App\View\RecordingAddress')
@use('OpenSlate\Marking\Pile')
@php($names = $table->names($slip))
@php($count = count($slip->copies))
@php($said = $table->isOnPaper($slip) ? 'Written on paper by ' . $names[0] : $question->read($slip->answer))
@php($first = $table->copies[$slip->copies[0]])
<li @class(['paper', 'paper--hand' => $slip->mark->byHand]) id="slip-{{ $slip->copies[0] }}"
    data-slip data-copies="{{ implode(',', $slip->copies) }}">
    <button type="button" class="paper__face" data-face aria-pressed="false"
        aria-label="{{ $said }}; {{ Count::of($count, 'student') }}; {{ MarkingWords::verdict($slip->mark->verdict) }}, {{ MarkingWords::by($slip->mark) }}">
        @if ($count > 1)
            <span class="paper__count" aria-hidden="true">{{ $count }} ×</span>
        @endif
        @if ($table->isOnPaper($slip) || ($question->isSeen() && $question->place->place->form->isFilled($slip->answer)))
            <x-page.glimpse class="paper__seen" :page="$question->page"
                :frame="$table->isOnPaper($slip) ? $question->seen : $question->frame"
                :number="$question->place->place->page()" :of="$table->item->edition->pages_count"
                :texts="$table->works[$first->id]->texts()" :label="'The answer of ' . $first->whose()" />
        @else
            <span @class(['paper__words', 'paper__words--none' => $slip->answer === '']) dir="auto">{{ $said }}</span>
        @endif
        <span class="paper__why">
            @if ($pile === Pile::Part)
                <b>{{ $slip->mark->points->words() }}</b> ·
            @endif
            {{ MarkingWords::by($slip->mark) }}
        </span>
    </button>
    @if ($question->isHeard() && $slip->answer !== '')
        <button type="button" class="btn btn-plain paper__hear" data-sound="{{ RecordingAddress::of($slip->answer) }}"><span
                data-verb>Listen</span><span class="visually-hidden">: {{ $names[0] }}</span></button>
    @endif
    @if ($count === 1)
        <p class="paper__name">{{ $names[0] }}</p>
    @else
        <details class="paper__names">
            <summary>{{ $names[0] }} and {{ $count - 1 }} more</summary>
            <ul>
                @foreach ($slip->copies as $copy)
                    <li><button type="button" class="paper__one" data-face data-copies="{{ $copy }}" aria-pressed="false"
                            aria-label="{{ $table->copies[$copy]->whose() }} alone: {{ $question->read($table->works[$copy]->text($question->place->place->id)) }}">{{ $table->copies[$copy]->whose() }}</button></li>
                @endforeach
            </ul>
        </details>
    @endif
</li>

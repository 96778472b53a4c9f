@use('App\View\AnswerWords')
@use('App\View\CopyWords')
@use('App\View\MarkingWords')
@use('App\View\ModelWords')
<x-layout.teacher :title="$copy->whose() . ': ' . $handout->title" at="handouts"
    :scripts="['resources/js/desks.js', 'resources/js/mark-copy.js']">
    <main id="main" class="room" data-desks data-changes="{{ route('desks.changes', $handout) }}"
        data-item="{{ $copy->handout_item_id }}" data-reload="yes">
        <div class="room__head">
            <p class="large__ways"><a
                    href="{{ route('desks', ['handout' => $handout, 'item' => $copy->handout_item_id]) }}#desk-{{ $copy->id }}">Back
                    to the desks</a>
                @if ($before)
                    <a data-before href="{{ route('desks.copy', $before->id) }}">‹ {{ $before->name }}</a>
                @endif
                @if ($after)
                    <a data-next href="{{ route('desks.copy', $after->id) }}">{{ $after->name }} ›</a>
                @endif
                <a href="{{ route('copies.leaving', ['item' => $copy->handout_item_id, 'copy' => $copy->id]) }}">As PDF</a>
                <span class="large__sizes" role="group" aria-label="Size of the pages">
                    <button type="button" class="btn btn-icon" data-size="-1" aria-label="Show the pages smaller"
                        title="Smaller"><x-icon name="minus" /></button>
                    <button type="button" class="btn btn-icon" data-size="1" aria-label="Show the pages larger"
                        title="Larger"><x-icon name="plus" /></button>
                </span>
            </p>
            <h1>{{ $copy->whose() }}</h1>
            <p>{{ $handout->title }}: {{ $edition->name }}</p>
            @if ($times->due && Gate::allows('extend', $copy))
                <details class="more-time" @if ($errors->isNotEmpty()) open @endif>
                    <summary>Due {{ $school->said($times->due) }}: more time for {{ $copy->whose() }}</summary>
                    <form method="post" action="{{ route('copies.extend', $copy) }}" class="opened__when" novalidate>
                        @csrf<input type="hidden" name="base" value="{{ $handout->revision }}">
                        <label>Until <input type="date" name="until_date" class="form-control"
                                value="{{ old('until_date', $school->local($times->due)->format('Y-m-d')) }}"></label>
                        <label>at <input type="time" name="until_time" class="form-control"
                                value="{{ old('until_time', $school->local($times->due)->format('H:i')) }}"></label>
                        <button class="btn btn-plain">Give more time</button>
                    </form>
                    <p class="field__error" role="alert">
                        {{ $errors->first('until_date') ?: $errors->first('until_time') }}</p>
                </details>
            @endif
            @includeWhen($copy->student, 'desks.word', ['to' => $copy->student])
            @includeWhen($copy->isShared(), 'desks.sharers')
        </div>
        <x-said />
        <div data-large>
            <p class="large__state" data-copy="{{ $copy->id }}" data-version="{{ $copy->version }}"
                data-state="{{ $copy->state->value }}">
                <b>{{ CopyWords::state($copy->standing(), $handout->lateAfter($times)) }}</b>
                <span>{{ CopyWords::tally($copy, $edition) }}</span>
                <span>
                    @if ($copy->changed_at)
                        last change {{ $school->said($copy->changed_at) }}
                    @else
                        no change yet
                    @endif
                </span>
                @if ($copy->handed_in_at)
                    <span>handed in {{ $school->said($copy->handed_in_at) }}</span>
                @endif
                @if (! $marked->full->isNone())
                    <span data-seen="{{ $copy->item->markings }}"><b>{{ $marked->total() }}</b>{{ $marked->marks->waiting() > 0 ? ', ' . $marked->marks->waiting() . ' to look at' : '' }}</span>
                @endif
                @if ($copy->returned_at)
                    <span>{{ MarkingWords::returned($copy, $school) }}</span>
                @endif
            </p>
            <div class="large__whole">
                @foreach ($marked->whole() as $comment)
                    <x-remark :$comment class="mark__words--whole" />
                @endforeach
                <button type="button" class="btn btn-plain" data-mark="" data-name="The whole of it" data-full="" data-points=""
                    data-waits="no" data-by=""
                    data-comment="{{ collect($marked->whole())->whereNull('sound')->firstWhere('teacher_id', auth('teacher')->id())?->words }}"
                    @if (collect($marked->whole())->whereNotNull('sound')->firstWhere('teacher_id', auth('teacher')->id())) data-has-sound @endif
                    aria-haspopup="dialog">Say something of the whole</button>
            </div>
            <ol class="large">
                @php($leads = $edition->pageNumbers())
                @foreach ($edition->frozenPages() as $index => $page)
                    @php($asked = $printed->asked($page, $printed->on($page)))
                    <li id="page-{{ $index + 1 }}"><x-page.sheet :$page :$asked live :leads="$leads" :number="$index + 1"
                            :of="$edition->pages_count" :texts="$copy->written()->texts()"
                    :fills="CopyWords::fills($copy, $handout, $times, $school)" answers
                    :marks="$marked->on($index + 1)" :written="$marked->written($index + 1)" marking
                            sizes="(min-width: 900px) 860px, 100vw" />
                        <x-page.beside-paper :$page :number="$index + 1" :of="$edition->pages_count"
                            :texts="$copy->written()->texts()"
                            :fills="CopyWords::fills($copy, $handout, $times, $school)" answers />
                        <p class="verbs large__pens">
                            <button type="button" class="btn btn-plain" data-draw="page-{{ $index + 1 }}">Write on page
                                {{ $index + 1 }} with a pen</button>
                            <button type="button" class="btn btn-plain" data-note-on="{{ $index + 1 }}">Words at a spot of
                                page {{ $index + 1 }}</button>
                        </p>
                        @if (($said = AnswerWords::of($page, $index + 1, $copy->written(), $asked)) !== [])
                            <details class="in-words" data-in-words="{{ $index + 1 }}">
                                <summary>The answers of this page in words</summary>
                                <dl>
                                    @foreach ($said as [$question, $answer, $place])
                                        <dt>{{ $question }}</dt>
                                        <dd dir="auto">{{ $answer }}@if ($by = $copy->students->find($copy->written()->writers()[$place] ?? 0))
                                                <small>({{ $by->name }})</small>
                                            @endif
                                        </dd>
                                    @endforeach
                                </dl>
                            </details>
                        @endif
                        @foreach (ModelWords::of($page, $index + 1, $copy->written()) as $words)
                            <p @class(['large__said', 'large__said--first' => $loop->first])>{{ $words }}</p>
                        @endforeach
                    </li>
                @endforeach
            </ol>
        </div>
        @if (($waiting = $copy->waitingWords()) !== [])
            <section class="past" aria-label="Without a place">
                <h2>Written in places that are gone by now</h2>
                <ul>
                    @foreach ($waiting as $words)
                        <li dir="auto">{{ $words }}</li>
                    @endforeach
                </ul>
            </section>
        @endif
        @include('desks.history')
    </main>
    @include('marking.writing')
</x-layout.teacher>

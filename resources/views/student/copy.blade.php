@use('App\View\CopyAddress')
@use('App\View\CopyWords')
@use('App\View\HandedPictures')
@use('App\View\HandoutWords')
@use('OpenSlate\Copies\CopyState')
@php($handedIn = $copy->state === CopyState::HandedIn)
@php($over = $times->isClosed(now()->toDateTimeImmutable()))
@php($isBack = $marked?->withMarks === true)
@php($closed = $handedIn || $over || $isBack)
@php($work = $copy->written())
@php($mayTakeBack = $handedIn && !$isBack && !$answers && !$over && !$times->due()->isPast(now()->toDateTimeImmutable()))
<x-layout.base :title="$handout->title" body-class="student at-copy" :scripts="['resources/js/copy.js']">
    <header class="copybar">
        @if ($handout->preview_of)
            <a class="copybar__back" href="{{ route('trial.day') }}" aria-label="My day"><span
                    aria-hidden="true">‹</span> <span class="copybar__back-words">My day</span></a>
        @elseif ($handout->trial)
            <form method="post" action="{{ route('trial.end', $copy) }}" class="copybar__end">@csrf @method('delete')<button
                    class="btn btn-plain">End the trial</button></form>
        @else
            <a class="copybar__back" href="{{ route('day') }}" aria-label="My day"><span
                    aria-hidden="true">‹</span> <span class="copybar__back-words">My day</span></a>
        @endif
        <div class="copybar__what"><b>{{ $handout->title }}</b><span>{{ $copy->isShared() && CopyWords::names($copy) !== $copy->whose() ? $copy->whose() . ': ' : '' }}{{ CopyWords::names($copy) }}</span></div>
        <button type="button" class="btn btn-plain copybar__read" data-read-aloud hidden>Read aloud</button>
        <button type="button" class="btn btn-plain copybar__list" data-list>List<span class="copybar__wide"> of
                questions</span></button>
        <div class="copybar__zoom" role="group" aria-label="Size of the page">
            <button type="button" class="btn btn-icon" data-zoom="out" aria-label="Show the page smaller"
                title="Smaller"><x-icon name="minus" /></button>
            <button type="button" class="btn btn-icon" data-zoom="in" aria-label="Show the page larger"
                title="Larger"><x-icon name="plus" /></button>
        </div>
        @unless ($closed)
            <div class="copybar__saved" data-saved>Saved</div>
            <p class="visually-hidden" data-told role="status"></p>
        @endunless
    </header>
    <main id="main" class="copy" data-copy-work data-save="{{ route(CopyAddress::route($handout, 'save'), $copy) }}"
        data-copy="{{ $copy->keptAs() }}" data-student="{{ $student->id }}" @if ($copy->isShared()) data-shared data-since="{{ $work->since }}" @endif data-revision="{{ $work->revision }}"
        data-closed="{{ $closed ? 'yes' : 'no' }}" data-places="{{ $edition->places_count }}"
        @if ($handout->trial) data-trial @endif @if ($handout->reads_aloud) data-reads-aloud @endif>
        <h1 class="visually-hidden">{{ $handout->title }}</h1>
        @error('refused')
            <p class="notice notice--bad" role="alert">{{ $message }}</p>
        @enderror
        @if ($handout->trial && !$handout->preview_of)
            <p class="copy__directions"><b>A trial.</b> This is what a student sees. What you do here is thrown away when
                you end it.</p>
        @endif
        @if ($student->guest)
            <p class="copy__directions">To come back later, give your name and the number
                <b>{{ $student->shownPin() }}</b>. Write it down.</p>
        @endif
        @if ($closed)
            <div @class(['notice', 'notice--good' => $handedIn || $isBack, 'handed']) role="status">
                @if ($isBack)
                    <p><b>Your teacher has looked at this.</b> @if (! $marked->full->isNone()) You have
                            <b class="handed__points">{{ $marked->total($copy->isShared() ? $copy->pointsOf($student) : null) }}</b>. @endif</p>
                    @foreach ($marked->whole() as $comment)
                        <x-remark :$comment class="mark__words--whole" />
                    @endforeach
                @elseif ($handedIn)
                    <p><b>Handed in</b> {{ $copy->handed_in_at ? $school->said($copy->handed_in_at) : '' }}.
                        {{ session('handed-in') ? 'Well done!' : '' }}</p>
                @else
                    <p><b>The time for this is over</b>, since {{ $school->said($times->closes) }}. What you did is kept.
                        Ask your teacher if you need more time.</p>
                @endif
                @if ($next !== null)
                    <p><a class="btn btn-primary" href="{{ route('copies.show', $next) }}">Next:
                            {{ CopyWords::next($next->state) }} {{ $next->item->edition->name }}</a></p>
                @endif
                @if ($mayTryAgain)
                    <form method="post" action="{{ route(CopyAddress::route($handout, 'another'), $copy) }}">@csrf
                        <button class="btn btn-plain">Have another go</button>
                        <span>{{ HandoutWords::attempts($handout, $copy) }} This one is kept.</span></form>
                @endif
                @if ($mayTakeBack)
                    <form method="post" action="{{ route(CopyAddress::route($handout, 'take-back'), $copy) }}">@csrf<button
                            class="btn btn-plain">Take it back to change it</button></form>
                @endif
            </div>
        @elseif ($handout->directions !== '' || !$handout->attemptsOf()->isOne())
            <p class="copy__directions">{!! nl2br(e($handout->directions)) !!} @if (!$handout->attemptsOf()->isOne())
                    <b>{{ HandoutWords::attempts($handout, $copy) }}</b>
                @endif
            </p>
        @endif
        @if (($waiting = $copy->waitingWords()) !== [])
            <details class="marks-in-words">
                <summary>Your teacher has mended this page. Some of your words have no place in it now; they are kept
                    here.</summary>
                <ul>
                    @foreach ($waiting as $words)
                        <li dir="auto">{{ $words }}</li>
                    @endforeach
                </ul>
            </details>
        @endif
        @unless ($handout->trial)
            @if ($copy->isShared() && !$closed)
                <p class="company" data-company role="status"></p>
                <div class="notice company__asked" data-asked="{{ route('copies.not-yet', $copy) }}"
                    data-others-told="{{ session('others-told') ? 'yes' : 'no' }}" hidden role="alert">
                    <p data-asked-words></p>
                    <button type="button" class="btn btn-plain" data-asked-no>Not yet</button>
                    <button type="button" class="btn btn-primary" data-asked-yes>Yes, all done</button>
                </div>
            @endif
            {{-- What the teacher says while they are at it: see js/copy/teacher-words.js --}}
            <div class="said-now" data-pulse="{{ route('copies.pulse', $copy) }}" role="status"></div>
            <dialog class="ask wait" data-wait aria-labelledby="wait-title">
                <h2 id="wait-title">Wait a moment, and look up</h2>
                <p>Your teacher asks all of you to stop. Your work is kept, and you go on where you were.</p>
                <p data-wait-left></p>
                <div data-wait-words></div>
            </dialog>
        @endunless
        <div class="notice notice--bad" data-trouble hidden role="alert">
            <p data-trouble-words></p>
        </div>
        @if ($door !== null && !$closed)
            <form class="notice notice--bad come-back" data-come-back action="{{ route('class.enter', $door) }}"
                method="post" autocomplete="off" hidden>
                <p role="status" data-come-back-words></p>
                <input type="hidden" name="student" value="{{ $student->id }}">
                <label for="come-back-pin">Your PIN, {{ $student->name }}</label>
                <input class="form-control" id="come-back-pin" name="pin" type="password" inputmode="numeric"
                    autocomplete="off" maxlength="20" required aria-describedby="come-back-said">
                <button class="btn btn-primary">Come in again</button>
                <p class="field__error" id="come-back-said" data-come-back-said role="alert"></p>
            </form>
        @endif
        @if ($marked !== null && ! $marked->full->isNone())
            <details class="marks-in-words" data-marks-in-words>
                <summary>{{ $isBack ? 'Your marks in words' : 'The right answers' }}</summary>
                <ul>
                    @for ($number = 1; $number <= $edition->pages_count; $number++)
                        @foreach ($marked->on($number) as $mark)
                            @continue(!$isBack && $mark->right === '')
                            <li>{{ $mark->said() }}
                                @if ($mark->right !== '')
                                    <span class="mark__right">Right: <span dir="auto">{{ $mark->right }}</span></span>
                                @endif
                                @foreach ($mark->comments as $comment)
                                    @if ($comment->words !== '')
                                        <span class="mark__words" dir="auto">{{ $comment->words }}</span>
                                    @endif
                                @endforeach
                            </li>
                        @endforeach
                        @foreach (collect($marked->written($number))->where('words', '!=', '') as $comment)
                            <li>On page {{ $number }}: <span class="mark__words" dir="auto">{{ $comment->words }}</span></li>
                        @endforeach
                    @endfor
                </ul>
            </details>
        @endif
        <div class="copy__scroll" data-scroll tabindex="-1">
            <ol class="copy__pages" data-pages lang="{{ $school->language }}">
                @php($pictures = new HandedPictures($copy->item))
                @php($leads = $edition->pageNumbers())
                @php($fills = CopyWords::fills($copy, $handout, $times, $school))
                @foreach ($edition->frozenPages() as $index => $frozen)
                    @php($page = $frozen->forStudents($answers))
                    @php($lines = $printed->on($page))
                    <li id="page-{{ $index + 1 }}" data-page="{{ $index + 1 }}">
                        <h2 class="copy__page">Page {{ $index + 1 }} of {{ $edition->pages_count }}</h2>
                        @unless ($closed)
                            @includeWhen($page->hasMoves(), 'student.moves')
                        @endunless
                        <x-page.sheet :$page :$pictures mode="copy" live :leads="$leads" :number="$index + 1"
                            :of="$edition->pages_count" :words="$lines"
                            :asked="$printed->asked($page, $lines)" :texts="$work->texts()" :$closed :$fills
                            :answers="$answers"
                            :marks="$marked?->on($index + 1) ?? []" :written="$marked?->written($index + 1) ?? []" />
                        <x-page.beside-paper :$page :$pictures :number="$index + 1" :of="$edition->pages_count"
                            :texts="$work->texts()" :$fills :$closed :$answers />
                        @if (($right = $marked?->rightModel($index + 1) ?? []) !== [])
                            <section class="right-model" aria-label="The right one of page {{ $index + 1 }}">
                                <h3>The right one</h3>
                                <x-page.sheet :$page :$pictures :number="$index + 1" :of="$edition->pages_count"
                                    :texts="$right" :$fills :answers="$answers" sizes="(min-width: 900px) 540px, 100vw" />
                            </section>
                        @endif
                    </li>
                @endforeach
            </ol>
            @if ($moments !== null)
                @include('student.earlier-ones')
            @endif
        </div>
    </main>
    @unless ($closed)
        <footer class="copyfoot">
            <div class="copyfoot__tally" data-tally>{{ $copy->filled }} of {{ $edition->places_count }} filled</div>
            <button type="button" class="btn btn-plain btn-lg" data-way-back hidden></button>
            <button type="button" class="btn btn-plain btn-lg" data-next>Next blank</button>
            <button type="button" class="btn btn-primary btn-lg" data-hand-in>Hand in</button>
        </footer>
        <dialog class="ask" data-ask aria-labelledby="ask-title">
            <h2 id="ask-title">Hand in now?</h2>
            <p data-ask-words></p>
            @if ($copy->isShared())
                <p data-ask-others></p>
            @endif
            <ul class="ask__blanks" data-ask-blanks aria-label="Still blank"></ul>
            <p data-taking-back="{{ ($times->due ?? $times->closes)?->getTimestamp() }}"
                data-over="{{ HandoutWords::OVER }}">{{ HandoutWords::takingBack($times, $school) }}</p>
            <form method="post" action="{{ route(CopyAddress::route($handout, 'hand-in'), $copy) }}" data-hand-in-form>
                @csrf
                <button type="button" class="btn btn-plain btn-lg" data-not-yet>Not yet</button>
                <button class="btn btn-primary btn-lg">Yes, hand in</button>
            </form>
        </dialog>
        @include('student.put-back')
        <dialog class="ask" data-changed aria-labelledby="changed-title">
            <h2 id="changed-title">What you changed</h2>
            <p data-changed-none>Nothing yet.</p>
            <ul class="changed" data-changed-list></ul>
            <form method="dialog"><button class="btn btn-primary btn-lg" data-changed-close>Close</button></form>
        </dialog>
        <dialog class="ask" data-clash aria-labelledby="clash-title">
            <h2 id="clash-title">Which one is right?</h2>
            <p>{{ $copy->isShared() ? 'Somebody else of you answered this, too, at the same time.' : 'This answer was changed in another window too.' }}</p>
            <div class="clash">
                <div><b>Here</b>
                    <p data-clash-here></p>
                    <button type="button" class="btn btn-primary" data-clash-keep="here">Keep this one</button>
                </div>
                <div><b>{{ $copy->isShared() ? 'The other one' : 'The other window' }}</b>
                    <p data-clash-there></p>
                    <button type="button" class="btn btn-primary" data-clash-keep="there">Keep the other</button>
                </div>
            </div>
        </dialog>
    @endunless
</x-layout.base>

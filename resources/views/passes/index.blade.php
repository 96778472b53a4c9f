@use('App\View\Count')
<x-layout.teacher :title="'Passes: ' . $handout->title" at="handouts">
    <main id="main" class="room room--read">
        <div class="room__head">
            <p><a href="{{ route('desks', $handout) }}">{{ $handout->title }}</a></p>
            <h1>Passes</h1>
            <p>A pass opens a copy of this handout without signing in, and nothing else.</p>
        </div>
        <x-said />
        @foreach ($classes as $class)
            <section class="matter" aria-labelledby="class-{{ $class->id }}">
                <h2 id="class-{{ $class->id }}">For {{ $class->name }}</h2>
                <p>On the wall or on the board: choose your
                    name{{ $class->door->value === 'open' ? '' : ', and your PIN' }}.</p>
                <x-pass-verbs :$handout kind="class" :for="$class" :pass="$byClass[$class->id] ?? null" :$ends />
            </section>
        @endforeach
        <section class="matter" aria-labelledby="personal">
            <h2 id="personal">For each student alone</h2>
            <p>A slip of paper, or a link in a message, with nothing to type: whoever has it has the copy.</p>
            @if ($personal->isNotEmpty())
                <p>{{ Count::of($personal->count(), 'slip') }}, until {{ $school->said($personal->first()->ends_at) }}.</p>
                <div class="verbs">
                    <a class="btn btn-plain" href="{{ route('passes.slips', $handout) }}">Show and print them</a>
                    <form method="post" action="{{ route('passes.slips.destroy', $handout) }}">@csrf
                        @method('delete')<button class="btn btn-plain">End them now</button></form>
                </div>
            @endif
            <form method="post" action="{{ route('passes.store', $handout) }}" class="inline-form" novalidate>
                @csrf<x-once /><input type="hidden" name="kind" value="personal">
                <x-pass-end id="personal" :$ends />
                @if ($personal->isEmpty())
                    <button class="btn btn-primary">Make the slips</button>
                @else
                    <button class="btn btn-plain">Make those that are missing</button>
                    <button class="btn btn-plain" name="anew" value="1">New ones for all; the old ones end</button>
                @endif
            </form>
        </section>
        <section class="matter" aria-labelledby="open">
            <h2 id="open">For anybody</h2>
            <p>Give a name, and have a copy: for visitors, or for students who are on no list yet.</p>
            <x-pass-verbs :$handout kind="open" :pass="$open" :$ends />
            @if ($guests->isNotEmpty())
                <h3>Came by it</h3>
                <ul class="people">
                    @foreach ($guests as $guest)
                        <li>
                            <div class="people__who"><b>{{ $guest->name }}</b> <span>number {{ $guest->shownPin() }}</span>
                                @error("guest-{$guest->id}")
                                    <span class="field__error" role="alert">{{ $message }}</span>
                                @enderror
                            </div>
                            <form method="post" action="{{ route('passes.join', [$handout, $guest]) }}"
                                class="verbs">@csrf
                                <label for="is-{{ $guest->id }}">is really</label>
                                <select id="is-{{ $guest->id }}" name="student" class="form-select">
                                    <option value="">Choose</option>
                                    @foreach ($students as $student)
                                        <option value="{{ $student->id }}">{{ $student->name }}</option>
                                    @endforeach
                                </select>
                                <button class="btn btn-plain" aria-label="Give the copy of {{ $guest->name }} to the student">Give
                                    them the copy</button>
                            </form>
                        </li>
                    @endforeach
                </ul>
            @endif
        </section>
    </main>
</x-layout.teacher>

@use('App\Models\Door')
@use('App\Models\SchoolClass')
@use('App\View\Count')
<x-layout.teacher :title="$class->name" at="classes">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('classes.index') }}">All classes</a></p>
            <h1>{{ $class->name }}</h1>
            @unless ($class->put_away_at)
                <p class="code-card">Students go to <b>{{ url('/class') }}</b> and type <code>{{ $class->code }}</code>
                    <a class="btn btn-plain" href="{{ route('classes.results', $class) }}">Results</a>
                    <a class="btn btn-plain" href="{{ route('classes.slips', $class) }}">Sign-in slips</a>
                    <a class="btn btn-plain" href="{{ route('class-shelf', $class) }}">Class shelf</a>
                    <a class="btn btn-plain" href="{{ route('teams', $class) }}">Teams</a>
                    <a class="btn btn-plain" href="{{ route('classes.list.file', $class) }}">List as CSV</a></p>
            @endunless
        </div>
        <x-said />
        @if ($class->put_away_at)
            <form method="post" action="{{ route('classes.away', $class) }}" class="notice">@csrf
                <p><b>This class is put away.</b> Its code opens no door and nothing new is given to it. All work is
                    kept.</p>
                <button class="btn btn-primary" name="away" value="0">Take it out again</button>
            </form>
        @endif
        @if ($pins = session('pins'))
            <section class="notice notice--good pins" role="status" aria-labelledby="pins-title">
                <h2 id="pins-title">
                    {{ session('new') ? 'In the class now, with a copy of all that the class was given' : 'A new PIN' }}</h2>
                <p>They are on the sign-in slips, too.</p>
                <ul>
                    @foreach ($pins as $given)
                        <li><span>{{ $given['name'] }}</span> <code>{{ $given['pin'] }}</code></li>
                    @endforeach
                </ul>
            </section>
        @endif
        @if ($class->students->isEmpty())
            <p class="empty"><b>No students yet.</b> Add the first ones below.</p>
        @endif
        <ul class="names">
            @foreach ($class->students as $student)
                <li><span>{{ $student->name }}@if ($wrong[$student->id] > 0)
                            <small class="names__wrong">{{ $wrong[$student->id] }} wrong PINs in the last hour</small>
                        @endif
                    </span>
                    @if ($wrong[$student->id] > 0)
                        <form method="post" action="{{ route('classes.let-try', [$class, $student]) }}">@csrf<button
                                class="btn btn-plain" aria-label="Let {{ $student->name }} try again at once">Let try
                                again</button></form>
                    @endif
                    <details @if ($errors->hasAny(["name-{$student->id}", "to-{$student->id}"])) open @endif>
                        <summary>Change<span class="visually-hidden"> {{ $student->name }}</span></summary>
                        <form method="post" action="{{ route('classes.pin', [$class, $student]) }}">@csrf<x-once /><button
                                class="btn btn-plain" aria-label="New PIN for {{ $student->name }}">New PIN</button></form>
                        <form method="post" action="{{ route('students.rename', [$class, $student]) }}"
                            class="inline-form" novalidate>@csrf @method('patch')
                            <x-field name="name-{{ $student->id }}" label="Name" :value="$student->name"
                                maxlength="80" autocomplete="off" />
                            <button class="btn btn-plain" aria-label="Keep the name of {{ $student->name }}">Keep the
                                name</button>
                        </form>
                        @if ($others->isNotEmpty())
                            <form method="post" action="{{ route('students.move', [$class, $student]) }}"
                                class="inline-form" novalidate>@csrf
                                <div class="field"><label for="to-{{ $student->id }}">Moves to</label>
                                    <select id="to-{{ $student->id }}" name="to" class="form-select"
                                        aria-describedby="to-{{ $student->id }}-note">
                                        @foreach ($others as $other)
                                            <option value="{{ $other->id }}">{{ $other->name }}</option>
                                        @endforeach
                                    </select>
                                    <div id="to-{{ $student->id }}-note" class="field__note">
                                        @error("to-{$student->id}")
                                            <span class="field__error" role="alert">{{ $message }}</span>
                                        @enderror
                                    </div>
                                </div>
                                <button class="btn btn-plain" aria-label="Move {{ $student->name }}">Move</button>
                            </form>
                        @endif
                        <p><a href="{{ route('students.work', [$class, $student]) }}">All work of {{ $student->name }}</a></p>
                        <form method="post" action="{{ route('students.leave', [$class, $student]) }}">@csrf<button
                                class="btn btn-plain" aria-label="{{ $student->name }} leaves the class">Leaves the
                                class</button></form>
                    </details>
                </li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('classes.enrol', $class) }}" class="stack enrol" novalidate>
            @csrf<x-once />
            <div class="field"><label for="names">Add students, one name a line</label>
                <textarea id="names" name="names" rows="3" maxlength="8000" autocomplete="off"
                    class="form-control @error('names') is-invalid @enderror" aria-describedby="names-note">{{ old('names') }}</textarea>
                <div id="names-note" class="field__note">
                    @error('names')
                        <span class="field__error">{{ $message }}</span>
                    @enderror
                </div>
            </div>
            <button class="btn btn-primary">Add to the class</button>
        </form>
        @if ($class->leavers->isNotEmpty())
            <details class="leavers">
                <summary>{{ Count::of($class->leavers->count(), 'student') }} left the class</summary>
                <ul class="names">
                    @foreach ($class->leavers as $student)
                        <li><span>{{ $student->name }}</span>
                            <form method="post" action="{{ route('students.come-back', [$class, $student]) }}">@csrf<button
                                    class="btn btn-plain" aria-label="{{ $student->name }} comes back">Comes
                                    back</button></form>
                        </li>
                    @endforeach
                </ul>
            </details>
        @endif
        <section class="matter" aria-labelledby="teachers-title">
            <h2 id="teachers-title">Its teachers</h2>
            <p>Who keeps the class together with you sees its students, changes the list and hands out to it.</p>
            <ul class="people">
                @foreach ($class->teachers as $teacher)
                    <li>
                        <div class="people__who"><b>{{ $teacher->name }}</b></div>
                        @if ($class->teachers->count() > 1)
                            <form method="post" action="{{ route('classes.teachers.remove', [$class, $teacher]) }}">@csrf
                                @method('delete')<button class="btn btn-plain">Keeps it no more<span
                                        class="visually-hidden">: {{ $teacher->name }}</span></button></form>
                        @endif
                    </li>
                @endforeach
            </ul>
            @if ($colleagues->isNotEmpty())
                <form method="post" action="{{ route('classes.teachers', $class) }}" class="inline-form" novalidate>@csrf
                    <div class="field"><label for="teacher">A colleague</label>
                        <select id="teacher" name="teacher" class="form-select" aria-describedby="teacher-note">
                            @foreach ($colleagues as $colleague)
                                <option value="{{ $colleague->id }}">{{ $colleague->name }}</option>
                            @endforeach
                        </select>
                        <div id="teacher-note" class="field__note">
                            @error('teacher')
                                <span class="field__error" role="alert">{{ $message }}</span>
                            @enderror
                        </div>
                    </div>
                    <button class="btn btn-plain">Keep it together</button>
                </form>
            @endif
        </section>
        <section class="matter" id="door" aria-labelledby="door-title">
            <h2 id="door-title">How they come in</h2>
            <form method="post" action="{{ route('classes.door', $class) }}" class="stack" novalidate>@csrf
                @method('put')
                <fieldset class="ways-in">
                    <legend>Class code, name, and then</legend>
                    <label><input type="radio" name="door" value="digits" @checked($class->door === Door::Digits)> a PIN of
                        digits</label>
                    <label><input type="radio" name="door" value="pictures" @checked($class->door === Door::Pictures)> a PIN
                        of pictures, for the youngest</label>
                    <label><input type="radio" name="door" value="open" @checked($class->door === Door::Open)> nothing more
                        <small>Whoever knows the code can come in as anybody of the class, see their work and change
                            it.</small></label>
                </fieldset>
                <div class="field"><label for="length">New PINs have</label>
                    <select id="length" name="length" class="form-select" aria-describedby="length-note">
                        @foreach (range(SchoolClass::SHORTEST_PIN, SchoolClass::LONGEST_PIN) as $length)
                            <option value="{{ $length }}" @selected($class->pin_length === $length)>{{ $length }} digits or
                                pictures</option>
                        @endforeach
                    </select>
                    <div id="length-note" class="field__note">PINs that are there stay as they are.</div>
                </div>
                <button class="btn btn-plain">Set the door</button>
            </form>
        </section>
        <section class="matter families" aria-labelledby="families-title">
            <h2 id="families-title">For families</h2>
            @if ($class->family_token)
                <p>Whoever has this address sees what the class was set and when it is due, and no names and no work:
                    <a href="{{ route('families.show', $class->family_token) }}">{{ route('families.show', $class->family_token) }}</a>
                </p>
            @else
                <p>An address at which families see what the class was set, and when it is due. It is off.</p>
            @endif
            <form method="post" action="{{ route('classes.families', $class) }}" class="verbs">@csrf
                @if ($class->family_token)
                    <button class="btn btn-plain" name="on" value="1">A new address in its place</button>
                    <button class="btn btn-plain" name="on" value="0">Turn it off</button>
                @else
                    <button class="btn btn-plain" name="on" value="1">Turn it on</button>
                @endif
            </form>
        </section>
        <section class="matter" aria-labelledby="class-title">
            <h2 id="class-title">The class itself</h2>
            <form method="post" action="{{ route('classes.rename', $class) }}" class="inline-form" novalidate>@csrf
                @method('patch')
                <x-field name="called" label="Its name" :value="$class->name" maxlength="60" autocomplete="off" />
                <button class="btn btn-plain">Keep the name</button>
            </form>
            @unless ($class->put_away_at)
                <form method="post" action="{{ route('classes.away', $class) }}">@csrf
                    <p>At the end of the year: its code opens no door any more, and all work is kept.</p>
                    <button class="btn btn-plain" name="away" value="1">Put the class away</button>
                </form>
            @endunless
        </section>
    </main>
</x-layout.teacher>

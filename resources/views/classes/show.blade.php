<x-layout.teacher :title="$class->name" at="classes">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('classes.index') }}">All classes</a></p>
            <h1>{{ $class->name }}</h1>
            <p class="code-card">Students go to <b>{{ url('/class') }}</b> and type <code>{{ $class->code }}</code></p>
        </div>
        @if ($pins = session('pins'))
            <section class="notice notice--good pins" role="status" aria-labelledby="pins-title">
                <h2 id="pins-title">
                    {{ session('new') ? 'In the class now, with a copy of all that the class was given' : 'A new PIN' }}</h2>
                <p>Write the PINs down or print this page: they are not shown again.</p>
                <ul>
                    @foreach ($pins as $given)
                        <li><span>{{ $given['name'] }}</span> <code>{{ $given['pin'] }}</code></li>
                    @endforeach
                </ul>
            </section>
        @endif
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
        @if ($class->students->isEmpty())
            <p class="empty"><b>No students yet.</b> Add the first one above.</p>
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
                    <form method="post" action="{{ route('classes.pin', [$class, $student]) }}">@csrf<x-once /><button
                            class="btn btn-plain" aria-label="New PIN for {{ $student->name }}">New PIN</button></form>
                </li>
            @endforeach
        </ul>
        <section class="families" aria-labelledby="families-title">
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
    </main>
</x-layout.teacher>

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
    </main>
</x-layout.teacher>

<x-layout.teacher :title="$class->name" at="classes">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('classes.index') }}">All classes</a></p>
            <h1>{{ $class->name }}</h1>
            <p class="code-card">Students go to <b>{{ url('/class') }}</b> and type <code>{{ $class->code }}</code></p>
        </div>
        @if ($given = session('pin'))
            <p class="notice notice--good" role="status">
                {{ $given['name'] }}
                {{ $given['new'] ? 'is in the class, with a copy of all that the class was given.' : 'has a new PIN.' }}
                PIN: <code>{{ $given['pin'] }}</code>. Write it down; it is not shown again.</p>
        @endif
        <form method="post" action="{{ route('classes.enrol', $class) }}" class="inline-form" novalidate>
            @csrf<x-once />
            <x-field name="name" label="Add a student" maxlength="80" autocomplete="off" />
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

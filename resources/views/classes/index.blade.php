@use('App\View\Count')
<x-layout.teacher title="Classes" at="classes">
    <main id="main" class="room">
        <div class="room__head">
            <h1>Classes</h1>
        </div>
        @if ($classes->isEmpty())
            <p class="empty"><b>No class yet.</b> Make one below, then add its students. They come in with the class
                code and a PIN.</p>
        @endif
        <ul class="lines-list">
            @foreach ($classes as $class)
                <li><a href="{{ route('classes.show', $class) }}"><b>{{ $class->name }}</b>
                        <span>{{ Count::of($class->students_count, 'student') }}</span><span
                            class="lines-list__end">class code <code>{{ $class->code }}</code></span></a></li>
            @endforeach
        </ul>
        <form method="post" action="{{ route('classes.store') }}" class="inline-form" novalidate>
            @csrf<x-once />
            <x-field name="name" label="New class" maxlength="60" autocomplete="off" />
            <button class="btn btn-primary">Make the class</button>
        </form>
    </main>
</x-layout.teacher>

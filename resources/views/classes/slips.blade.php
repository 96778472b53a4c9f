@use('App\Models\Door')
@use('App\View\PinPicture')
<x-layout.teacher title="Sign-in slips" at="classes" :scripts="['resources/js/print.js']">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('classes.show', $class) }}">{{ $class->name }}</a></p>
            <h1>Sign-in slips</h1>
            <p>Six on a page, to cut apart. A slip opens everything of its student: give each to its owner alone.</p>
        </div>
        <x-said />
        <div class="verbs">
            <button type="button" class="btn btn-primary" data-print>Print</button>
            @if ($class->door !== Door::Open && $students->isNotEmpty())
                <details class="asks">
                    <summary>New PINs for all</summary>
                    <form method="post" action="{{ route('classes.pins', $class) }}">@csrf<x-once />
                        <p>The PINs that {{ $class->name }} has now will open nothing any more, in no class.</p>
                        <button class="btn btn-danger">Yes, new PINs for all</button>
                    </form>
                </details>
            @endif
        </div>
        @if ($students->isEmpty())
            <p class="empty"><b>No students yet.</b> Add them to the class first.</p>
        @endif
        <ul class="slips">
            @foreach ($students as $student)
                <x-slip :code="$codes[$student->id]" :name="$student->name">
                    <p>{{ $school->name }}, {{ $class->name }}</p>
                    <p>Go to <b>{{ preg_replace('#^https?://#', '', url('/class')) }}</b></p>
                    <p>Class code <code>{{ $class->code }}</code></p>
                    @if ($class->door === Door::Open)
                        <p>Choose your name.</p>
                    @elseif (($pin = $student->shownPin()) === null)
                        <p class="slip__none">Its PIN cannot be shown. Make a new one.</p>
                    @elseif ($class->door === Door::Pictures)
                        <p class="slip__pictures"><span>PIN</span>
                            @foreach (PinPicture::of($pin) as $picture)
                                <x-pin-picture :is="$picture" />
                            @endforeach
                        </p>
                    @else
                        <p>PIN <code>{{ $pin }}</code></p>
                    @endif
                </x-slip>
            @endforeach
        </ul>
    </main>
</x-layout.teacher>

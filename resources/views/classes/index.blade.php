@use('App\View\Count')
<x-layout.teacher title="Classes" at="classes">
    <main id="main" class="room">
        <div class="room__head">
            <h1>Classes</h1>
        </div>
        <x-said />
        @if ($listed = session('listed'))
            <section class="notice notice--good pins" role="status" aria-labelledby="pins-title">
                <h2 id="pins-title">In their classes now, with a copy of all that each class was given</h2>
                <p>Their PINs are on the slips that each class’s page prints.</p>
                @foreach ($listed as $name => $pins)
                    <h3>{{ $name }}</h3>
                    <ul>
                        @foreach ($pins as $given)
                            <li><span>{{ $given['name'] }}</span> @if ($given['pin'])
                                    <code>{{ $given['pin'] }}</code>
                                @else
                                    <span>with the PIN they had</span>
                                @endif</li>
                        @endforeach
                    </ul>
                @endforeach
            </section>
        @endif
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
        @if ($away->isNotEmpty())
            <details class="leavers">
                <summary>{{ Count::of($away->count(), 'class', 'classes') }} put away</summary>
                <ul class="lines-list">
                    @foreach ($away as $class)
                        <li><a href="{{ route('classes.show', $class) }}"><b>{{ $class->name }}</b>
                                <span>{{ Count::of($class->students_count, 'student') }}</span><span
                                    class="lines-list__end">put away {{ $school->said($class->put_away_at) }}</span></a></li>
                    @endforeach
                </ul>
            </details>
        @endif
        <form method="post" action="{{ route('classes.store') }}" class="inline-form" novalidate>
            @csrf<x-once />
            <x-field name="name" label="New class" maxlength="60" autocomplete="off" />
            <button class="btn btn-primary">Make the class</button>
        </form>
        <form method="post" action="{{ route('classes.list') }}" enctype="multipart/form-data" class="stack enrol"
            novalidate>
            @csrf
            <h2>A class list from a file</h2>
            <div class="field"><label for="list-file">CSV from a spreadsheet or the school’s office, or a OneRoster export
                    (ZIP)</label>
                <input id="list-file" type="file" name="file" class="form-control @error('file') is-invalid @enderror"
                    accept=".csv,.txt,.tsv,.zip,text/csv,text/plain" aria-describedby="list-note">
                <div id="list-note" class="field__note">
                    @error('file')
                        <span class="field__error" role="alert">{{ $message }}</span>
                    @else
                        You see what would come of it first, row by row.
                    @enderror
                </div>
            </div>
            <x-field name="into" label="Their class, if the list does not say" maxlength="60" autocomplete="off"
                list="class-names" />
            <datalist id="class-names">
                @foreach ($classes as $class)
                    <option value="{{ $class->name }}">
                @endforeach
            </datalist>
            <button class="btn btn-plain">Look at the list</button>
        </form>
    </main>
</x-layout.teacher>

<x-layout.bench :$job at="sharing" :title="'Share ' . $worksheet->name">
    @php($with = old('with', $shared->with))
    @php($chosen = array_map(intval(...), (array) old('teachers', $worksheet->colleagues->modelKeys())))
    <main id="main" class="table table--form">
        <div class="table__head">
            <h2>Share with colleagues</h2>
        </div>
        <p class="ledger__hint">They see it as it is, can change nothing on it, and can take it as their own under a
            name of theirs; the two then never touch again.</p>
        @if (session('done'))
            <p class="notice notice--good" role="status">
                {{ $shared->words() }}
            </p>
        @endif
        <form method="post" action="{{ route('sharing.update', $worksheet) }}" class="sharing">
            @csrf @method('put')
            @error('with')
                <p class="field__error" role="alert">{{ $message }}</p>
            @enderror
            <fieldset class="ways">
                <legend>Who may look at {{ $worksheet->name }}</legend>
                <label><input type="radio" class="form-check-input" name="with" value="nobody"
                        @checked($with === 'nobody')> nobody else</label>
                <label><input type="radio" class="form-check-input" name="with" value="chosen"
                        @checked($with === 'chosen')> these colleagues:</label>
                <div class="sharing__names">
                    @foreach ($teachers as $teacher)
                        <label><input type="checkbox" class="form-check-input" name="teachers[]"
                                value="{{ $teacher->id }}" @checked(in_array($teacher->id, $chosen, true))>
                            {{ $teacher->name }}</label>
                    @endforeach
                </div>
                <label><input type="radio" class="form-check-input" name="with" value="school"
                        @checked($with === 'school')> all teachers of the school</label>
            </fieldset>
            <button class="btn btn-primary">Keep this</button>
        </form>
    </main>
</x-layout.bench>

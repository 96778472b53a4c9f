@use('App\View\Count')
<x-layout.bench :$job :title="'Hand out ' . $worksheet->name">
    <main id="main" class="table table--form">
        <form method="post" action="{{ route('handouts.store', $worksheet) }}" class="handout" x-data="handOut"
            novalidate>
            @csrf<x-once />
            <div class="table__head">
                <h2>Hand out</h2>
            </div>
            <p class="ledger__hint">The pages are frozen as they are now; what you change later does not reach copies
                already handed out.</p>
            @if ($classes->isEmpty())
                <div class="notice notice--bad"><b>You have no class yet.</b>
                    <a href="{{ route('classes.index') }}">Make a class first</a>, then come back.</div>
            @endif
            <div class="handout__grid">
                <section aria-labelledby="what-title">
                    <h3 id="what-title">What students see</h3>
                    <x-field name="title" label="Title" :value="$worksheet->name" maxlength="120" required />
                    <div class="field">
                        <label for="directions">Directions</label>
                        <textarea id="directions" name="directions" rows="3" maxlength="2000"
                            class="form-control @error('directions') is-invalid @enderror"
                            aria-describedby="directions-note">{{ old('directions') }}</textarea>
                        <div id="directions-note" class="field__note">
                            @error('directions')
                                <span class="field__error">{{ $message }}</span>
                            @enderror
                        </div>
                    </div>
                    <div class="side">
                        <x-field name="due_date" label="Due day" type="date"
                            :min="$school->local(now())->format('Y-m-d')" />
                        <x-field name="due_time" label="Time" type="time" value="15:30" />
                        <x-field name="points" label="Points" type="number" min="0" max="1000"
                            hint="Empty: none" />
                    </div>
                    <input type="hidden" name="reads_aloud" value="0">
                    <label class="traits__check"><input type="checkbox" class="form-check-input" name="reads_aloud"
                            value="1" @checked(old('reads_aloud', '1') === '1')> Students may have the questions read
                        aloud</label>
                    <h3>Items</h3>
                    <ol class="items">
                        <li class="item">
                            <b>{{ $worksheet->name }}</b>
                            <label class="visually-hidden" for="mode">How students get
                                {{ $worksheet->name }}</label>
                            <select id="mode" name="mode" class="form-select">
                                <option value="own_copy" @selected(old('mode') !== 'read_only')>
                                    own copy to fill in
                                </option>
                                <option value="read_only" @selected(old('mode') === 'read_only')>
                                    read only
                                </option>
                            </select>
                        </li>
                        @for ($n = 0; $n < min(max(5, count($with)), $others->count()); $n++)
                            @php($chosen = (string) old("also.$n.worksheet", $with[$n] ?? ''))
                            @php($how = old("also.$n.mode", isset($with[$n]) ? 'own_copy' : 'read_only'))
                            <li class="item item--more" data-more @if ($chosen === '') hidden @endif>
                                <label class="visually-hidden" for="also-{{ $n }}">Another item</label>
                                <select id="also-{{ $n }}" name="also[{{ $n }}][worksheet]"
                                    class="form-select @error("also.$n.worksheet") is-invalid @enderror">
                                    <option value="">nothing</option>
                                    @foreach ($others as $other)
                                        <option value="{{ $other->id }}" @selected($chosen === (string) $other->id)>
                                            {{ $other->name }}
                                            ({{ Count::of($other->pages_total, 'page') }})
                                        </option>
                                    @endforeach
                                </select>
                                <label class="visually-hidden" for="also-{{ $n }}-mode">How students get
                                    it</label>
                                <select id="also-{{ $n }}-mode" name="also[{{ $n }}][mode]"
                                    class="form-select">
                                    <option value="read_only" @selected($how !== 'own_copy')>
                                        read only
                                    </option>
                                    <option value="own_copy" @selected($how === 'own_copy')>
                                        own copy to fill in
                                    </option>
                                </select>
                            </li>
                        @endfor
                    </ol>
                    @error('also')
                        <p class="field__error">{{ $message }}</p>
                    @enderror
                    @if ($others->isNotEmpty())
                        <button type="button" class="btn btn-plain" x-on:click="more" x-show="canAdd">Add another
                            item</button>
                    @endif
                </section>
                <section aria-labelledby="who-title">
                    <h3 id="who-title">Who gets it</h3>
                    @error('to')
                        <p class="field__error" role="alert">{{ $message }}</p>
                    @enderror
                    @foreach ($classes as $class)
                        @php($to = old("to.{$class->id}", 'none'))
                        <fieldset class="who" data-class="{{ $class->id }}">
                            <legend>{{ $class->name }}
                                <small>{{ Count::of($class->students->count(), 'student') }}</small>
                            </legend>
                            @foreach ($ways as $value => $words)
                                <label><input type="radio" class="form-check-input" name="to[{{ $class->id }}]"
                                        value="{{ $value }}" @checked($to === $value) x-on:change="who">
                                    {{ $words }}</label>
                            @endforeach
                            @php($chosen = (array) old("students.{$class->id}", []))
                            <ul class="who__names" data-names @if ($to !== 'chosen') hidden @endif>
                                @foreach ($class->students as $student)
                                    <li><label><input type="checkbox" class="form-check-input"
                                                name="students[{{ $class->id }}][]" value="{{ $student->id }}"
                                                @checked(in_array((string) $student->id, $chosen, true))>
                                                {{ $student->name }}</label></li>
                                @endforeach
                            </ul>
                        </fieldset>
                    @endforeach
                    <button class="btn btn-primary btn-lg">Hand out</button>
                </section>
            </div>
        </form>
    </main>
</x-layout.bench>

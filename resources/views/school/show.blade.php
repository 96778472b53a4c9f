@use('App\View\Count')
@use('Illuminate\Support\Carbon')
<x-layout.teacher title="School" at="school">
    <main id="main" class="room room--read">
        <div class="room__head">
            <h1>School</h1>
            <p>For the office: the teachers who look after people and settings.</p>
        </div>
        <x-said />
        @if ($link = session('link'))
            <section class="notice notice--good" role="status" aria-labelledby="link-title">
                <h2 id="link-title">A link for {{ $link['name'] }}</h2>
                <p>
                    @if ($link['sent'])
                        It is on its way to {{ $link['sent'] }}. If it does not arrive, give it to them yourself:
                    @else
                        Give it to {{ $link['name'] }} and to nobody else. It opens once, within
                        {{ Count::of($link['days'], 'day') }}, and is not shown again:
                    @endif
                </p>
                <p><code class="address">{{ $link['address'] }}</code></p>
            </section>
        @endif

        <section class="matter" aria-labelledby="here-title">
            <h2 id="here-title">Teachers</h2>
            @error('list')
                <p class="field__error" role="alert">{{ $message }}</p>
            @enderror
            <ul class="people">
                @foreach ($here as $teacher)
                    <li>
                        <div class="people__who"><b>{{ $teacher->name }}</b> <span>{{ $teacher->email }}</span>
                            <span>{{ Count::of($teacher->classes_count, 'class', 'classes') }}@if ($teacher->office)
                                    · office
                                @endif
                                @if ($teacher->second_secret)
                                    · code from a phone
                                @endif
                            </span>
                            @error("office-{$teacher->id}")
                                <span class="field__error" role="alert">{{ $message }}</span>
                            @enderror
                        </div>
                        <details @if ($errors->has("to-{$teacher->id}")) open @endif>
                            <summary>Change<span class="visually-hidden"> what {{ $teacher->name }} may do</span></summary>
                            <div class="verbs">
                                <form method="post" action="{{ route('teachers.link', $teacher) }}">@csrf<button
                                        class="btn btn-plain">Link for a new password</button></form>
                                <form method="post" action="{{ route('teachers.office', $teacher) }}">@csrf
                                    @method('put')<button class="btn btn-plain" name="office"
                                        value="{{ $teacher->office ? 0 : 1 }}">{{ $teacher->office ? 'Take out of the office' : 'Make of the office' }}</button>
                                </form>
                                @if ($teacher->second_secret)
                                    <form method="post" action="{{ route('teachers.without-phone', $teacher) }}">@csrf
                                        @method('delete')<button class="btn btn-plain">Phone lost: password alone</button>
                                    </form>
                                @endif
                            </div>
                            @if ($here->count() > 1)
                                <form method="post" action="{{ route('teachers.leave', $teacher) }}"
                                    class="inline-form" novalidate>
                                    @csrf
                                    <div class="field"><label for="to-{{ $teacher->id }}">{{ $teacher->name }} leaves the
                                            school. What they have goes to</label>
                                        <select id="to-{{ $teacher->id }}" name="to" class="form-select"
                                            aria-describedby="to-{{ $teacher->id }}-note">
                                            <option value="">Choose</option>
                                            @foreach ($here->except($teacher->id) as $colleague)
                                                <option value="{{ $colleague->id }}">{{ $colleague->name }}</option>
                                            @endforeach
                                        </select>
                                        <div id="to-{{ $teacher->id }}-note" class="field__note">
                                            @error("to-{$teacher->id}")
                                                <span class="field__error" role="alert">{{ $message }}</span>
                                            @else
                                                Worksheets, classes and handouts with all work on them. It is not undone by
                                                coming back.
                                            @enderror
                                        </div>
                                    </div>
                                    <button class="btn btn-danger">They leave</button>
                                </form>
                            @endif
                        </details>
                    </li>
                @endforeach
            </ul>
            @if ($invited->isNotEmpty())
                <h3>Invited</h3>
                <ul class="people">
                    @foreach ($invited as $teacher)
                        <li>
                            <div class="people__who"><b>{{ $teacher->name }}</b> <span>{{ $teacher->email }}</span>
                                @php($ends = $teacher->links_max_ends_at ? Carbon::parse($teacher->links_max_ends_at) : null)
                                <span>{{ $ends?->isFuture() ? 'the link ends ' . $school->said($ends) : 'the link is over' }}</span>
                            </div>
                            <div class="verbs">
                                <form method="post" action="{{ route('teachers.link', $teacher) }}">@csrf<button
                                        class="btn btn-plain">New link<span class="visually-hidden"> for
                                            {{ $teacher->name }}</span></button></form>
                                <form method="post" action="{{ route('teachers.destroy', $teacher) }}">@csrf
                                    @method('delete')<button class="btn btn-plain">Do not invite<span
                                            class="visually-hidden"> {{ $teacher->name }}</span></button></form>
                            </div>
                        </li>
                    @endforeach
                </ul>
            @endif
            @if ($left->isNotEmpty())
                <h3>Left the school</h3>
                <ul class="people">
                    @foreach ($left as $teacher)
                        <li>
                            <div class="people__who"><b>{{ $teacher->name }}</b> <span>{{ $teacher->email }}</span>
                                <span>left {{ $school->said($teacher->left_at) }}</span></div>
                            <form method="post" action="{{ route('teachers.come-back', $teacher) }}">@csrf<button
                                    class="btn btn-plain">Comes back<span class="visually-hidden">:
                                        {{ $teacher->name }}</span></button></form>
                        </li>
                    @endforeach
                </ul>
            @endif
            <form method="post" action="{{ route('teachers.store') }}" class="inline-form" novalidate>
                @csrf<x-once />
                <x-field name="name" label="Invite a teacher: their name" maxlength="80" autocomplete="off" />
                <x-field name="email" label="Their e-mail address" type="email" autocomplete="off" />
                <button class="btn btn-primary">Invite</button>
            </form>
        </section>

        <section class="matter" aria-labelledby="settings-title">
            <h2 id="settings-title">Settings</h2>
            <form method="post" action="{{ route('school.update') }}" class="stack" novalidate>
                @csrf @method('put')
                <x-school-fields :known="$school" />
                <div class="field"><label for="missing-work">Work that is not handed in by the time it is due</label>
                    <select id="missing-work" name="missing_work" class="form-select">
                        @foreach (OpenSlate\Marking\MissingWork::cases() as $missing)
                            <option value="{{ $missing->value }}" @selected($missing === $school->missingWork)>{{ $missing->words() }}</option>
                        @endforeach
                    </select></div>
                <button class="btn btn-plain">Keep the settings</button>
            </form>
        </section>
    </main>
</x-layout.teacher>

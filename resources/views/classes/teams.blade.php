@use('App\View\Count')
<x-layout.teacher :title="'Teams of ' . $class->name" at="classes" :scripts="['resources/js/teams.js']">
    <main id="main" class="room">
        <div class="room__head">
            <p><a href="{{ route('classes.show', $class) }}">{{ $class->name }}</a></p>
            <h1>Teams</h1>
            <p>When you hand out, a press on a team ticks all who are in it.</p>
        </div>
        <x-said />
        <p class="visually-hidden" role="status" data-teams-said></p>
        @if ($sets->isEmpty())
            <p class="empty"><b>No teams yet.</b> Make them below: by chance, in the order of names, or by hand.</p>
        @endif
        @foreach ($sets as $set)
            @php($in = $set->teams->flatMap(fn($team) => $team->students->modelKeys()))
            @php($here = $class->students->modelKeys())
            <section class="matter" id="set-{{ $set->id }}" aria-labelledby="set-name-{{ $set->id }}"
                data-team-set="{{ route('teams.move', [$class, $set]) }}">
                <h2 id="set-name-{{ $set->id }}">{{ $set->name }}</h2>
                <div class="teams">
                    @foreach ([...$set->teams->all(), null] as $team)
                        @php($members = $team ? $team->students->whereIn('id', $here) : $class->students->whereNotIn('id', $in))
                        <div class="team" data-team="{{ $team?->id }}">
                            <h3><span data-team-name>{{ $team->name ?? 'In no team' }}</span> <small
                                    data-team-count>{{ $members->count() }}</small></h3>
                            <ul>
                                @foreach ($members as $student)
                                    <li class="team__one" draggable="true" data-student="{{ $student->id }}">
                                        <span>{{ $student->name }}</span>
                                        <form method="post" action="{{ route('teams.move', [$class, $set]) }}">@csrf
                                            @method('put')<input type="hidden" name="student"
                                                value="{{ $student->id }}">
                                            <select name="team" class="form-select" data-team-of
                                                aria-label="Team of {{ $student->name }}" autocomplete="off">
                                                @foreach ($set->teams as $other)
                                                    <option value="{{ $other->id }}" @selected($other->is($team))>
                                                        {{ $other->name }}</option>
                                                @endforeach
                                                <option value="" @selected($team === null)>none</option>
                                            </select>
                                        </form>
                                    </li>
                                @endforeach
                            </ul>
                        </div>
                    @endforeach
                </div>
                <details class="leavers">
                    <summary>Names of the teams, or throw them away<span class="visually-hidden">: {{ $set->name }}</span>
                    </summary>
                    <form method="post" action="{{ route('teams.rename', [$class, $set]) }}" class="inline-form">@csrf
                        @method('patch')
                        @foreach ($set->teams as $team)
                            <div class="field"><label for="team-{{ $team->id }}">{{ $team->name }}</label><input
                                    id="team-{{ $team->id }}" name="names[{{ $team->id }}]" class="form-control"
                                    maxlength="40" value="{{ $team->name }}" autocomplete="off"></div>
                        @endforeach
                        <button class="btn btn-plain">Keep the names</button>
                    </form>
                    <form method="post" action="{{ route('teams.destroy', [$class, $set]) }}">@csrf
                        @method('delete')<button class="btn btn-plain">Throw these teams away</button></form>
                </details>
            </section>
        @endforeach
        <section class="matter" aria-labelledby="make-title">
            <h2 id="make-title">Make teams</h2>
            <form method="post" action="{{ route('teams.store', $class) }}" class="stack" novalidate>@csrf<x-once />
                <x-field name="name" label="What they are called together" maxlength="60" autocomplete="off"
                    placeholder="Boats" />
                <fieldset class="ways-in">
                    <legend>How they are made</legend>
                    @foreach (['chance' => 'by chance', 'names' => 'in the order of names', 'hand' => 'empty, to be filled by hand'] as $by => $says)
                        <label><input type="radio" name="by" value="{{ $by }}" @checked(old('by', 'chance') === $by)>
                            {{ $says }}</label>
                    @endforeach
                    @if ($sets->isNotEmpty())
                        <label><input type="radio" name="by" value="like" @checked(old('by') === 'like')>
                            <span>like <select name="like" class="form-select" aria-label="Like which teams">
                                    @foreach ($sets as $set)
                                        <option value="{{ $set->id }}">{{ $set->name }}</option>
                                    @endforeach
                                </select></span></label>
                    @endif
                    @error('by')
                        <p class="field__error" role="alert">{{ $message }}</p>
                    @enderror
                </fieldset>
                <div class="team-number">
                    <x-field name="number" label="How many" type="number" value="6" min="1" max="40" />
                    <div class="field"><label for="each">of what</label>
                        <select id="each" name="each" class="form-select">
                            <option value="0">teams</option>
                            <option value="1" @selected(old('each') === '1')>in each team, at most</option>
                        </select>
                    </div>
                </div>
                <button class="btn btn-primary">Make the teams</button>
            </form>
        </section>
    </main>
</x-layout.teacher>

{{-- A class that may get it. $class with its students, $form: HandoutForm --}}
@use('App\View\Count')
@php($wants = $form->wants($class))
@php($chosen = $form->chosenFrom($class))
@php($own = $form->ownTime($class, 'out_date') . $form->ownTime($class, 'due_date') !== '')
<fieldset class="who" data-class="{{ $class->id }}">
    <legend>{{ $class->name }} <small>{{ Count::of($class->students->count(), 'student') }}</small></legend>
    @foreach (['whole' => 'The whole class, and whoever joins it', 'chosen' => 'Chosen students', 'none' => 'Not this class'] as $value => $said)
        <label><input type="radio" class="form-check-input" name="to[{{ $class->id }}]" value="{{ $value }}"
                @checked($wants === $value) autocomplete="off"> {{ $said }}</label>
    @endforeach
    @foreach ($class->teamSets as $set)
        <p class="who__teams" data-unless="to[{{ $class->id }}]=none" @if ($wants === 'none') hidden @endif>
            <span>{{ $set->name }}:</span>
            @foreach ($set->teams as $team)
                <button type="button" class="btn btn-plain" data-team-ticks="{{ $team->students->modelKeys() ? implode(',', $team->students->modelKeys()) : '' }}"
                    data-class-of="{{ $class->id }}" @disabled($team->students->isEmpty())>{{ $team->name }}</button>
            @endforeach
        </p>
    @endforeach
    @if ($class->teamSets->isNotEmpty())
        <label class="who__teams" data-when-teams @if (! $form->hasTeamCopies() || $wants === 'none') hidden @endif>Team
            copies go to the teams of <select name="teams[{{ $class->id }}]" class="form-select" autocomplete="off">
                @foreach ($class->teamSets as $set)
                    <option value="{{ $set->id }}" @selected($set->is($form->teamsOf($class)))>{{ $set->name }}</option>
                @endforeach
            </select></label>
    @else
        <p class="ledger__hint" data-when-teams @if (! $form->hasTeamCopies() || $wants === 'none') hidden @endif>{{ $class->name }} has no
            teams: everybody gets a copy of their own. <a href="{{ route('teams', $class) }}">Make teams first</a></p>
    @endif
    <ul class="who__names" data-when="to[{{ $class->id }}]=chosen" @if ($wants !== 'chosen') hidden @endif>
        @foreach ($class->students as $student)
            <li><label><input type="checkbox" class="form-check-input" name="students[{{ $class->id }}][]"
                        value="{{ $student->id }}" @checked(in_array($student->id, $chosen, true)) autocomplete="off">
                    {{ $student->name }}</label></li>
        @endforeach
    </ul>
    <details class="who__times" data-unless="to[{{ $class->id }}]=none"
        @if ($wants === 'none') hidden @endif @if ($own) open @endif>
        <summary>Its own times</summary>
        <div class="opened__when">
            @foreach (['out' => 'Out', 'due' => 'Due'] as $which => $said)
                <label>{{ $said }} <input type="date" name="own[{{ $class->id }}][{{ $which }}_date]"
                        class="form-control" aria-label="{{ $said }} day of {{ $class->name }}"
                        value="{{ $form->ownTime($class, "{$which}_date") }}"></label>
                <label>at <input type="time" name="own[{{ $class->id }}][{{ $which }}_time]"
                        class="form-control" aria-label="{{ $said }} time of {{ $class->name }}"
                        value="{{ $form->ownTime($class, "{$which}_time") ?: $form->time("{$which}_time") }}"></label>
            @endforeach
        </div>
    </details>
</fieldset>

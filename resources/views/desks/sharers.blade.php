{{-- Those who share a copy. $copy with its students, $marked, $handout with its recipients --}}
@php($others = $handout->recipients->whereNotIn('id', $copy->students->modelKeys())->sortBy('name'))
<details class="sharers" @if ($errors->hasAny(['student', 'points'])) open @endif>
    <summary>Shared by {{ $copy->students->pluck('name')->join(', ', ' and ') ?: 'nobody now' }}</summary>
    <ul>
        @foreach ($copy->students as $one)
            <li><span>{{ $one->name }}</span>
                @if (! $marked->full->isNone())
                    <form method="post" action="{{ route('sharers.points', [$copy, $one->id]) }}">@csrf @method('put')
                        <label>points <input type="text" inputmode="decimal" name="points" class="form-control"
                                maxlength="9" autocomplete="off" placeholder="{{ $marked->marks->total()->words() }}"
                                value="{{ $copy->pointsOf($one)?->words() }}" aria-label="Points of {{ $one->name }} alone"></label>
                        <button class="btn btn-plain">Keep<span class="visually-hidden"> the points of {{ $one->name }}</span></button>
                    </form>
                @endif
                @can('extend', $copy)
                    <form method="post" action="{{ route('sharers.leave', [$copy, $one->id]) }}">@csrf @method('delete')<button
                            class="btn btn-plain">Works alone<span class="visually-hidden">: {{ $one->name }}</span></button></form>
                @endcan
            </li>
        @endforeach
    </ul>
    @if ($others->isNotEmpty() && Gate::allows('extend', $copy))
        <form method="post" action="{{ route('sharers.join', $copy) }}" class="sharers__join">@csrf
            <label>Take in <select name="student" class="form-select">
                    @foreach ($others as $other)
                        <option value="{{ $other->id }}">{{ $other->name }}</option>
                    @endforeach
                </select></label>
            <button class="btn btn-plain">Shares it, too</button>
        </form>
    @endif
    <p class="field__error" role="alert">{{ $errors->first('student') ?: $errors->first('points') }}</p>
    @if (! $marked->full->isNone())
        <p class="hand-back__what">All have the points of the copy, but for those who have their own here.</p>
    @endif
</details>

{{-- Clean copies in place of used ones. $handout, $item, $returned: App\View\Returned --}}
<details class="fresh" @if ($errors->hasAny(['at', 'until', 'to'])) open @endif>
    <summary>Use it again{{ $item->fresh_at === null ? '' : ': fresh every school day at ' . $item->fresh_at }}</summary>
    <form method="post" action="{{ route('fresh', $item) }}" class="hand-back__form">@csrf
        <label>Fresh copies for <select name="to" class="form-select">
                <option value="all">all {{ $returned->opened }} who have begun</option>
                <option value="handed-in">the {{ $returned->handedIn }} who have handed in</option>
                <option value="back">the {{ $returned->back }} who have theirs back</option>
            </select></label>
        <label>that begin <select name="keep" class="form-select">
                <option value="">clean</option>
                <option value="right">with what is right in them</option>
            </select></label>
        <button class="btn btn-primary">Give fresh copies</button>
        <p class="hand-back__what">The used ones stay in the history of each copy, with their marks. You can take this back
            until somebody writes in a fresh one.</p>
    </form>
    <form method="post" action="{{ route('fresh.daily', $item) }}" class="hand-back__form">@csrf
        <label>Every school day at <input type="time" name="at" class="form-control"
                value="{{ old('at', $item->fresh_at ?? '06:00') }}"></label>
        <label>until <input type="date" name="until" class="form-control"
                value="{{ old('until', ($item->fresh_until ?? $school->local(now())->addWeeks(2))->format('Y-m-d')) }}"></label>
        <button class="btn btn-plain">Fresh ones by themselves</button>
        @if ($item->fresh_at !== null)
            <button class="btn btn-plain" name="at" value="">No more</button>
        @endif
        <p class="field__error" role="alert">{{ $errors->first('at') ?: $errors->first('until') }}</p>
    </form>
    @if ($returned->renewed > 0)
        <form method="post" action="{{ route('fresh.undo', $item) }}" class="hand-back__form">@csrf @method('delete')
            <button class="btn btn-plain">Take back the {{ $returned->renewed }} fresh in which nothing is written</button>
        </form>
    @endif
</details>

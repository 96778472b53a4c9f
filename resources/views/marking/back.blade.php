{{-- Marked copies go back. $handout, $item, $returned: App\View\Returned --}}
<section class="hand-back" aria-label="Hand back">
    @if (($words = $returned->words($school)) !== '')
        <p>{{ $words }}</p>
        @if ($returned->unseen() > 0)
            <form method="post" action="{{ route('hand-back.undo', $item) }}">@csrf @method('delete')<button
                    class="btn btn-plain">Take back the {{ $returned->unseen() }} that nobody has looked at</button></form>
        @endif
    @endif
    @if ($returned->back < $returned->opened)
        <details @if ($errors->hasAny(['date', 'time'])) open @endif>
            <summary>Hand back</summary>
            <form method="post" action="{{ route('hand-back', $item) }}" class="hand-back__form">@csrf
                <label>Hand back <select name="to" class="form-select">
                        <option value="marked">those with nothing left to look at</option>
                        <option value="handed-in">all {{ $returned->handedIn }} that are handed in</option>
                        <option value="all">all {{ $returned->opened }} that were begun, handed in or not</option>
                    </select></label>
                <span class="hand-back__when"><label><input type="radio" name="when" value="now" checked> now</label>
                    <label><input type="radio" name="when" value="at"> on</label>
                    <input type="date" name="date" class="form-control" aria-label="Day" value="{{ $school->local(now())->format('Y-m-d') }}">
                    at <input type="time" name="time" class="form-control" aria-label="Time" value="15:30"></span>
                <button class="btn btn-primary">Hand back</button>
                <p class="field__error" role="alert">{{ $errors->first('date') ?: $errors->first('time') }}</p>
                <p class="hand-back__what">From then on each student sees their marks and your comments on their own page,
                    and can change nothing more in it.</p>
            </form>
        </details>
    @endif
</section>

{{-- When students see the right answers, on their own page beside their own. $handout --}}
@use('App\View\HandoutWords')
@php($at = $handout->answers_shown_at ?? $school->local(now())->setTime(15, 30))
<details class="answers-shown" @if ($errors->has('show')) open @endif>
    <summary>Students see the answers {{ HandoutWords::answers($handout, $school) }}</summary>
    <form method="post" action="{{ route('desks.answers', $handout) }}" class="hand-back__form">@csrf
        <fieldset class="answers-shown__when">
            <legend>Students see the right answers, and what is kept back as an answer</legend>
            @foreach (['never' => 'never', 'now' => 'now', 'handed_in' => 'when they have handed in; it stays so', 'back' => 'when they have theirs back', 'at' => 'from'] as $value => $words)
                <label><input type="radio" name="show" value="{{ $value }}" @checked($loop->first)> {{ $words }}</label>
            @endforeach
            <input type="date" name="date" class="form-control" aria-label="Day"
                value="{{ $school->local($at)->format('Y-m-d') }}"> at
            <input type="time" name="time" class="form-control" aria-label="Time"
                value="{{ $school->local($at)->format('H:i') }}">
        </fieldset>
        <button class="btn btn-plain">Keep that</button>
    </form>
</details>

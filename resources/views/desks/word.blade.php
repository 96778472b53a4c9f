{{-- A word to all who have it, or to one: $handout, $messages that show now, $to: the student, null for all --}}
@use('App\Models\Message')
@php($wrong = $errors->getBag('word'))
<div class="told-them">
    <details @if ($wrong->isNotEmpty()) open @endif>
        <summary>A word to {{ $to->name ?? 'all of them' }}</summary>
        <form method="post" action="{{ route('words.store', $handout) }}" class="hand-back__form">@csrf<x-once />
            @if ($to)
                <input type="hidden" name="student" value="{{ $to->id }}">
            @endif
            <label class="told-them__words">It shows in {{ $to ? 'their copy' : 'their copies' }} at once
                <input type="text" name="words" class="form-control" maxlength="{{ Message::LONGEST }}" required
                    autocomplete="off" value="{{ old('words') }}"></label>
            <button class="btn btn-primary">Say it</button>
            <p class="field__error" role="alert">{{ $wrong->first() }}</p>
        </form>
    </details>
    @foreach ($messages as $message)
        <form method="post" action="{{ route('words.destroy', [$handout, $message]) }}" class="told-them__said">
            @csrf @method('delete')
            <span>Said to {{ $message->student->name ?? 'all' }} {{ $school->said($message->created_at) }}: <q
                    dir="auto">{{ $message->words }}</q></span>
            <button class="btn btn-plain">Take it away<span class="visually-hidden">: {{ $message->words }}</span></button>
        </form>
    @endforeach
</div>

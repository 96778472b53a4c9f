{{-- All copies of it wait. $handout --}}
@php($hold = $handout->hold())
@if ($hold->isOn(now()->toDateTimeImmutable()))
    <form method="post" action="{{ route('hold.end', $handout) }}" class="notice held"
        data-ends="{{ $hold->until?->getTimestamp() }}">@csrf @method('delete')
        <p><b>All copies wait</b> since {{ $school->local($hold->since)->format('H:i') }}{{ $hold->until ? ', and go on by themselves at ' . $school->local($hold->until)->format('H:i') : '' }}.
            What they have typed is kept.</p>
        <button class="btn btn-primary">Let them go on</button>
    </form>
@else
    <details @if ($errors->getBag('hold')->isNotEmpty()) open @endif>
        <summary>Let them all wait</summary>
        <form method="post" action="{{ route('hold', $handout) }}" class="hand-back__form">@csrf
            <label>for <select name="minutes" class="form-select">
                    <option value="">as long as I say</option>
                    @foreach ([1, 2, 5, 10, 20] as $minutes)
                        <option value="{{ $minutes }}">{{ $minutes }} {{ $minutes === 1 ? 'minute' : 'minutes' }}</option>
                    @endforeach
                </select></label>
            <button class="btn btn-primary">Let them wait</button>
            <p class="hand-back__what">Whoever has it open is asked to look up. Nothing is lost, and all go on where they
                were.</p>
            <p class="field__error" role="alert">{{ $errors->getBag('hold')->first() }}</p>
        </form>
    </details>
@endif

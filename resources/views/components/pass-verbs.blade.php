{{-- A pass that is there, or the way to make it. --}}
@props(['handout', 'kind', 'for' => null, 'pass' => null, 'ends'])
@if ($pass)
    <p class="pass">Code <code>{{ trim(chunk_split($pass->code, 4, ' ')) }}</code>, until {{ $school->said($pass->ends_at) }}
    </p>
    <div class="verbs">
        <a class="btn btn-primary" href="{{ route('passes.show', [$handout, $pass]) }}">Show it large</a>
        <form method="post" action="{{ route('passes.destroy', [$handout, $pass]) }}">@csrf @method('delete')<button
                class="btn btn-plain">End it now</button></form>
    </div>
@endif
<form method="post" action="{{ route('passes.store', $handout) }}" class="inline-form" novalidate>
    @csrf<x-once /><input type="hidden" name="kind" value="{{ $kind }}">
    @if ($for)
        <input type="hidden" name="class" value="{{ $for->id }}">
    @endif
    <x-pass-end :id="$kind . $for?->id" :$ends />
    <button @class(['btn', 'btn-primary' => !$pass, 'btn-plain' => $pass])>{{ $pass ? 'A new one; the old one ends' : 'Make a pass' }}</button>
</form>

@use('App\View\RecordingAddress')
@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
@if ($mode === 'copy')
    <span class="put spoken" data-place="{{ $place }}" data-kind="spoken" data-value="{{ $text }}"
        tabindex="-1">
        @unless ($closed)
            @php($asked = $box->shownPrompt() === '' ? 'Say it' : $box->shownPrompt())
            <button type="button" class="put__add" data-record
                aria-describedby="ticks-{{ $place }}">{{ $text === '' ? $asked : 'Say it again' }}</button>
            <span class="spoken__level" data-level aria-hidden="true"></span>
            <span class="spoken__ticks" id="ticks-{{ $place }}" data-ticks role="timer"></span>
        @endunless
        <button type="button" class="spoken__hear" data-hear aria-label="Listen: {{ $said }}"
            @if ($text === '') hidden @endif>Listen</button>
        @unless ($closed)
            <button type="button" class="put__off" data-unsay @if ($text === '') hidden @endif>Take it off</button>
            <span class="spoken__said" data-recorded role="status"></span>
        @endunless
    </span>
@elseif ($mode === 'bench')
    @php($asked = $box->shownPrompt() === '' ? 'Spoken answer' : $box->shownPrompt())
    <span class="answer answer--prompt" style="--size:{{ $box->size }}">{{ $asked }}</span>
@elseif ($text !== '' && $mode === 'paper')
    <span class="answer answer--typed" style="--size:{{ $box->size }}">Spoken: it can be heard in Open Slate.</span>
@elseif ($text !== '')
    <button type="button" class="spoken__hear" data-sound="{{ RecordingAddress::of($text) }}"
        aria-label="Listen: {{ $said }}, the student’s answer">Listen</button>
@endif

@use('App\View\RecordingAddress')
@use('App\View\PlayingTime')
@props(['element', 'mode', 'tag', 'z', 'live'])
@php($named = $element->named())
@php($lasts = PlayingTime::of($element->seconds))
<x-page.frame :$element :$mode :$tag :$z :name="'recording: ' . $named . ', ' . PlayingTime::said($element->seconds)"
    :classes="['element--film' => $element->film]">
    <div class="played" @if ($live) data-player="{{ RecordingAddress::of($element->source) }}" role="group"
        aria-label="{{ $named }}" @endif>
        @if ($element->film)
            <div class="played__screen"><video class="played__picture" preload="none" playsinline data-media
                    aria-label="{{ $named }}"></video></div>
        @endif
        <div class="played__line">
            @if ($live)
                <button type="button" class="played__go" data-go aria-label="Play: {{ $named }}"><span
                        data-go-sign aria-hidden="true">▶</span></button>
            @else
                <span class="played__go" aria-hidden="true">▶</span>
            @endif
            <span class="played__title">{{ $named }}</span>
            @if ($live)
                <input class="played__at" type="range" min="0" max="{{ $element->seconds }}" step="0.1" value="0"
                    data-at aria-label="Where in: {{ $named }}" aria-valuetext="at the beginning of {{ $lasts }}">
            @endif
            <span class="played__time" data-time>{{ $lasts }}</span>
            @if ($element->words !== '' && $live)
                <button type="button" class="played__read" data-read aria-expanded="false"
                    aria-controls="words-{{ $element->id }}">Read it</button>
            @endif
        </div>
        @if ($element->words !== '' && $mode !== 'bench')
            <p @class(['played__words', 'played__words--printed' => !$live]) id="words-{{ $element->id }}" @if ($live) hidden @endif>{{ $element->words }}</p>
        @endif
        <p class="played__trouble" data-trouble role="alert"></p>
    </div>
</x-page.frame>

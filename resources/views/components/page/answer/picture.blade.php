@use('App\View\PictureAddress')
@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed', 'pictures'])
@if ($mode === 'copy')
    <span class="put" data-place="{{ $place }}" data-kind="picture" data-value="{{ $text }}"
        tabindex="-1">
        <img class="put__picture" alt="{{ $said }}: your picture"
            @if ($text === '') hidden @else src="{{ PictureAddress::of($text) }}" @endif>
        @unless ($closed)
            @php($asked = $box->shownPrompt() === '' ? 'Add a picture' : $box->shownPrompt())
            <label class="put__add"><span data-put-words>{{ $text === '' ? $asked : 'Change' }}</span><input
                    type="file" accept="image/*" aria-label="{{ $said }}: choose a picture"></label>
            <button type="button" class="put__off" data-put-off @if ($text === '') hidden @endif>Take it
                off</button>
        @endunless
    </span>
@elseif ($mode === 'bench')
    @php($asked = $box->shownPrompt() === '' ? 'Place for a picture' : $box->shownPrompt())
    <span class="answer answer--prompt" style="--size:{{ $box->size }}">{{ $asked }}</span>
@elseif ($text !== '')
    <img class="put__picture" src="{{ $pictures->kept($text) }}"
        alt="{{ $said }}: the student's picture">
@endif

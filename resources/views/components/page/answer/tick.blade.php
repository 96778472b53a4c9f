@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
@if ($mode === 'copy')
    <input type="checkbox" class="ticked" data-place="{{ $place }}" data-kind="tick" aria-label="{{ $said }}"
        @checked($text !== '') @disabled($closed)>
@endif
<svg class="tick-mark" viewBox="0 0 24 24" aria-hidden="true" @if ($mode !== 'copy' && $text === '') hidden @endif>
    <path d="M4 13l6 6L21 4" />
</svg>

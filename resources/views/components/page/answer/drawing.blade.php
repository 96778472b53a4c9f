@use('App\View\InkPaths')
@use('OpenSlate\Answers\Ink')
@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
<svg class="ink" viewBox="0 0 {{ $box->frame->width }} {{ $box->frame->height }}"
    @if ($mode === 'copy')
        data-place="{{ $place }}" data-kind="drawing" data-ink="{{ $text }}"
        data-holds="{{ Ink::MOST_STROKES }} {{ Ink::MOST_POINTS }}"
    @endif
    role="img" aria-label="{{ $said }}: {{ $text === '' ? 'nothing drawn yet' : 'a drawing' }}">
    @foreach (InkPaths::of($text) as $path)
        <path d="{{ $path['d'] }}" stroke="{{ $path['colour'] }}" stroke-width="{{ $path['width'] }}"
            @if ($path['opacity'] < 1) stroke-opacity="{{ $path['opacity'] }}" @endif />
    @endforeach
</svg>
@if ($mode === 'copy' && !$closed)
    <button type="button" class="btn btn-plain ink__start" data-draw="{{ $place }}"
        aria-label="Draw: {{ $said }}">Draw</button>
@elseif ($mode === 'bench')
    <span class="answer answer--prompt"
        style="--size:{{ $box->size }}">{{ $box->shownPrompt() === '' ? 'Drawing area' : $box->shownPrompt() }}</span>
@endif

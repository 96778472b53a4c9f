{{-- Proposed answer boxes, as they would lie. $proposals: Blank[] --}}
@foreach ($proposals as $index => $blank)
    <div class="ghost" role="button" tabindex="0" data-ghost="{{ $index }}" style="--x:{{ $blank->frame->x }};--y:{{ $blank->frame->y }};--w:{{ $blank->frame->width }};--h:{{ $blank->frame->height }}" title="Enter takes it, Delete refuses it" aria-label="Proposed answer box{{ $blank->label === '' ? '' : ': '.$blank->label }}. Enter takes it, Delete refuses it."></div>
@endforeach

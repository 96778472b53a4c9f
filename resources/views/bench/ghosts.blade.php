{{-- Proposed answer boxes, as they would lie. $proposals: Blank[] --}}
@use('App\View\ElementWords')
@use('App\View\Lie')
@foreach ($proposals as $index => $blank)
    <div class="ghost" role="button" tabindex="0" data-ghost="{{ $index }}"
        style="{{ Lie::of($blank->frame) }}" title="Enter takes it, Delete refuses it"
        aria-label="{{ ElementWords::proposed($blank) }}. Enter takes it, Delete refuses it."></div>
@endforeach

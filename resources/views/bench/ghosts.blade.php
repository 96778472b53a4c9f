{{-- Proposed answer boxes, as they would lie. $proposals: Blank[] --}}
@use('App\View\ElementWords')
@use('App\View\Lie')
@foreach ($proposals as $index => $blank)
    <div @class(['ghost', 'ghost--likely' => ! $blank->isSure()]) role="button" tabindex="0" data-ghost="{{ $index }}"
        style="{{ Lie::of($blank->frame) }}" title="Enter {{ ElementWords::taken($blank) }}, Delete if it is no blank"
        aria-label="{{ ElementWords::proposed($blank) }}. Enter {{ ElementWords::taken($blank) }}, Delete if it is no blank."></div>
@endforeach

{{-- What can be done with the parts of one page. $page --}}
<div class="moves" data-moves>
    <button type="button" class="btn btn-plain" data-move="undo" disabled>Undo move</button>
    <button type="button" class="btn btn-plain" data-move="redo" disabled>Redo</button>
    <button type="button" class="btn btn-plain" data-move="back" disabled>Put all back</button>
    @if ($page->tray)<button type="button" class="btn btn-plain" data-move="tray">{{ $page->tray->open ? 'Shut the tray' : 'Open the tray' }}</button>@endif
    @foreach ($page->elements() as $element)@if ($element instanceof \OpenSlate\Page\Spot && $element->large)<button type="button" class="btn btn-plain" data-move="large" data-large="{{ $element->id }}">Build large: {{ $element->named() }}</button>@endif @endforeach
    <button type="button" class="btn btn-primary" data-move="small" hidden>Back to the page</button>
    <label class="moves__own" data-moves-own hidden>Its words <input class="form-control" maxlength="120" autocomplete="off"></label>
    <p class="moves__said" data-moves-said role="status"></p>
</div>

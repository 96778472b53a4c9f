{{-- What can be done with the parts of one page. $page --}}
@use('OpenSlate\Elements\Spot')
<div class="moves" data-moves>
    <div class="moves__tools" role="group" aria-label="What can be done with the parts">
        <button type="button" class="btn btn-plain" data-move="undo" disabled>Undo move</button>
        <button type="button" class="btn btn-plain" data-move="redo" disabled>Redo</button>
        <button type="button" class="btn btn-plain" data-move="back" disabled>Put all back</button>
        @if ($page->tray)
            <button type="button" class="btn btn-plain"
                data-move="tray">{{ $page->tray->open ? 'Shut the tray' : 'Open the tray' }}</button>
        @endif
        @foreach ($page->elements() as $element)
            @if ($element instanceof Spot && $element->large)
                <button type="button" class="btn btn-plain" data-move="large" data-large="{{ $element->id }}">Build large:
                    {{ $element->named() }}</button>
            @endif
        @endforeach
        <button type="button" class="btn btn-primary" data-move="small" hidden>Back to the page</button>
    </div>
    <label class="moves__own" data-moves-own hidden>Its words <input class="form-control" maxlength="120"
            autocomplete="off"></label>
    <div class="moves__picture" data-moves-picture hidden>
        @unless ($isKey ?? false)
            <label class="put__add">Picture from this device<input type="file" accept="image/*"></label>
        @endunless
        <span class="moves__set" data-moves-set role="group"
            aria-label="Pictures to choose from"></span>
    </div>
    <p class="moves__said" data-moves-said role="status"></p>
</div>

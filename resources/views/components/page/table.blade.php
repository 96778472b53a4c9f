@props(['element', 'mode', 'tag', 'z', 'texts', 'number', 'closed'])
@php($columns = count($element->columns))
@php($named = $element->prompt === '' ? 'Table '.substr($tag, 1) : $element->prompt)
<x-page.frame :$element :$mode :$tag :$z :name="'table of '.count($element->rows).' rows and '.$columns.' columns'.($element->prompt === '' ? '' : ': '.$element->prompt)"
    :class="implode(' ', array_filter([$element->cover ? 'element--cover' : '', $element->outline ? 'table-grid--lined' : '', 'type type--'.$element->font->value, 'type--'.$element->align->value]))">
    <div class="table-grid" style="--size:{{ $element->size }};grid-template:{{ implode(' ', array_map(fn ($share) => "minmax(0, {$share}fr)", $element->rows)) }} / {{ implode(' ', array_map(fn ($share) => "minmax(0, {$share}fr)", $element->columns)) }}" @if ($mode !== 'bench') role="table" aria-label="{{ $named }}" @endif>
        @foreach ($element->rows as $row => $height)
            <div class="table-grid__row" @if ($mode !== 'bench') role="row" @endif>
                @foreach ($element->columns as $column => $width)
                    @php($cell = $element->cell($row, $column))
                    @php($place = \OpenSlate\Copies\Place::idOn($number, $element->place($row, $column)))
                    <div @class(['table-cell', 'table-cell--fill' => $cell->fill]) @if ($mode !== 'bench') role="cell" @else data-cell="{{ $row * $columns + $column }}" @endif>
                        @if ($cell->fill && $mode === 'copy')
                            <label class="table-cell__press"><textarea class="answer" rows="1" data-place="{{ $place }}" data-kind="cell" aria-label="{{ $element->heading($row, $column) === '' ? $named.', row '.($row + 1).', column '.($column + 1) : $element->heading($row, $column) }}" maxlength="{{ $cell->form()->longest() }}" autocomplete="off" @readonly($closed)>{{ "\n".($texts[$place] ?? '') }}</textarea></label>
                        @else
                            <span @class(['answer', 'answer--typed' => $cell->fill])>{{ $cell->fill ? ($texts[$place] ?? '') : $cell->text }}</span>
                        @endif
                    </div>
                @endforeach
            </div>
        @endforeach
    </div>
    @if ($mode === 'copy' && $element->help !== '')<x-page.help :place="\OpenSlate\Copies\Place::idOn($number, $element->id)" :said="$named" :help="$element->help" />@endif
</x-page.frame>

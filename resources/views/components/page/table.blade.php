@use('App\View\ElementWords')
@use('App\View\Lie')
@use('App\View\TextStyle')
@use('OpenSlate\Copies\Place')
@props(['element', 'mode', 'tag', 'z', 'texts', 'number', 'closed', 'names'])
@php($columns = count($element->columns))
@php($named = $names[$element->id] ?? $element->prompt)
<x-page.frame :$element :$mode :$tag :$z
    :name="ElementWords::asking('table of ' . count($element->rows) . ' rows and ' . $columns . ' columns', $element)"
    :classes="[
        'element--cover' => $element->cover,
        'table-grid--lined' => $element->outline,
        ...TextStyle::classes($element),
    ]">
    <div class="table-grid" style="--size:{{ $element->size }};grid-template:{{ Lie::tracks($element) }}"
        @if ($mode !== 'bench') role="table" aria-label="{{ $named }}" @endif>
        @foreach ($element->rows as $row => $height)
            <div class="table-grid__row" @if ($mode !== 'bench') role="row" @endif>
                @foreach ($element->columns as $column => $width)
                    @php($cell = $element->cell($row, $column))
                    @php($place = Place::idOn($number, $element->place($row, $column)))
                    <div @class(['table-cell', 'table-cell--fill' => $cell->fill])
                        @if ($mode !== 'bench') role="cell" @else data-cell="{{ $row * $columns + $column }}" @endif>
                        @if ($cell->fill && $mode === 'copy')
                            <label class="table-cell__press">
                                <textarea class="answer" dir="auto" rows="1" data-place="{{ $place }}" data-kind="cell"
                                    aria-label="{{ $names[$element->place($row, $column)] }}"
                                    maxlength="{{ $cell->form()->longest() }}" autocomplete="off"
                                    @readonly($closed)>{{ "\n" . ($texts[$place] ?? '') }}</textarea>
                            </label>
                        @else
                            @php($words = $cell->fill ? $texts[$place] ?? '' : $cell->text)
                            <span @class(['answer', 'answer--typed' => $cell->fill])>{{ $words }}</span>
                        @endif
                    </div>
                @endforeach
            </div>
        @endforeach
    </div>
    @if ($mode === 'copy' && $element->help !== '')
        <x-page.help :place="Place::idOn($number, $element->id)" :said="$named" :help="$element->help" />
    @endif
</x-page.frame>

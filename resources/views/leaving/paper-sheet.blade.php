{{-- A sheet that came back on paper. $item, $copies, $row: App\View\PaperSheetRow --}}
@php($id = $row->sheet->id)
@php($had = old("sheets.{$id}"))
@php($picture = route('on-paper.picture', [$item, $row->sheet, 'of' => substr($row->sheet->sha256, 0, 8)], false))
<li class="papers__one">
    <a href="{{ $picture }}" target="_blank" rel="noopener"><img src="{{ $picture }}" loading="lazy" decoding="async"
            alt="{{ $row->sheet->name() }}, large in a new window"></a>
    <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="sheets[{{ $id }}][wanted]" value="1"
            @checked($had === null ? $row->isWanted : isset($had['wanted']))> <span dir="auto">{{ $row->sheet->name() }}</span></label>
    <select name="sheets[{{ $id }}][copy]" class="form-select" data-picks="[name='sheets[{{ $id }}][wanted]']"
        aria-label="Whose: {{ $row->sheet->name() }}">
        <option value="">whose?</option>
        @foreach ($copies as $copy)
            <option value="{{ $copy->id }}" @selected((int) ($had['copy'] ?? $row->copy) === $copy->id)>{{ $copy->whose() }}</option>
        @endforeach
    </select>
    @if ($item->edition->pages_count === 1)
        <input type="hidden" name="sheets[{{ $id }}][page]" value="1">
    @else
        <select name="sheets[{{ $id }}][page]" class="form-select" data-picks="[name='sheets[{{ $id }}][wanted]']"
            aria-label="Which page: {{ $row->sheet->name() }}">
            <option value="">which page?</option>
            @for ($page = 1; $page <= $item->edition->pages_count; $page++)
                <option value="{{ $page }}" @selected((int) ($had['page'] ?? $row->page) === $page)>page {{ $page }}</option>
            @endfor
        </select>
    @endif
    @if ($row->doubt !== '')
        <p class="field__error">{{ $row->doubt }}</p>
    @endif
</li>

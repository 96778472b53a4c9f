{{-- A worksheet that is handed out. $worksheet with its pages (null in the template), $mode, $n --}}
@use('OpenSlate\Handout\Mode')
<li class="given" data-given="{{ $worksheet?->id }}">
    <input type="hidden" name="items[{{ $n }}][worksheet]" value="{{ $worksheet?->id }}" data-given-id>
    <span class="given__picture" data-given-picture>
        @if ($worksheet && $worksheet->pages->isNotEmpty())
            <x-page.small :row="$worksheet->pages->first()" />
        @endif
    </span>
    <b data-given-name>{{ $worksheet?->name }}</b>
    <select name="items[{{ $n }}][mode]" class="form-select"
        aria-label="How students get {{ $worksheet->name ?? 'it' }}" data-given-mode autocomplete="off">
        <option value="own_copy" @selected($mode === Mode::OwnCopy)>own copy to fill in</option>
        <option value="team_copy" @selected($mode === Mode::TeamCopy)>one copy for each team</option>
        <option value="class_copy" @selected($mode === Mode::ClassCopy)>one copy for the whole class</option>
        <option value="read_only" @selected($mode === Mode::ReadOnly)>to read only</option>
    </select>
    <label class="given__points">points <input type="number" name="items[{{ $n }}][points]" class="form-control"
            min="0" max="1000" placeholder="–" aria-label="Points of {{ $worksheet->name ?? 'it' }}"
            value="{{ $worksheet ? $form->itemPoints[$worksheet->id] ?? '' : '' }}" data-given-points autocomplete="off"></label>
    @php($only = $worksheet ? $form->only[$worksheet->id] ?? [] : [])
    <details class="given__for" data-for>
        <summary aria-label="For whom {{ $worksheet->name ?? 'it' }} is" data-for-summary>{{ $only === [] ? 'for all of them' : 'for ' . count($only) . ' of them' }}</summary>
        {{-- The names are put here when it is opened: see resources/js/hand-out.js --}}
        <div class="who__names" data-for-names>
            @foreach ($only as $student)
                <input type="hidden" name="items[{{ $n }}][only][]" value="{{ $student }}">
            @endforeach
        </div>
    </details>
    <button type="button" class="btn btn-plain" data-given-up
        aria-label="Move {{ $worksheet->name ?? 'it' }} up">Up</button>
    <button type="button" class="btn btn-plain" data-given-off
        aria-label="Take {{ $worksheet->name ?? 'it' }} off">Take off</button>
</li>

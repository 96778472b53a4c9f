{{-- What is proposed for the page. $proposals: Blank[] or null --}}
@use('App\View\Count')
@use('OpenSlate\Blanks\SelfFilling')
@if ($proposals === null)
    <p class="ledger__hint">Still looking for blanks on this page. Reload it in a moment.</p>
@elseif ($proposals !== [])
    <section class="proposed" aria-labelledby="proposed-title">
        <h2 id="proposed-title">{{ Count::of(count($proposals), 'blank') }} found here</h2>
        <div class="verbs">
            <button type="button" class="btn btn-primary" data-blanks="take">Lay
                {{ count($proposals) === 1 ? 'a box on it' : 'boxes on all ' . count($proposals) }}</button>
            <button type="button" class="btn btn-plain" data-blanks="refuse">{{ count($proposals) === 1 ? 'It is no blank' : 'None is a blank' }}</button>
        </div>
        @if (array_filter($proposals, SelfFilling::fits(...)) !== [])
            <label class="traits__check"><input type="checkbox" class="form-check-input" data-blanks-fill
                    autocomplete="off"> Name and date fill themselves in</label>
        @endif
    </section>
@endif

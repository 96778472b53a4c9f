{{-- What is proposed for the page. $sure: Blank[] or null while they are looked for; $likely: Blank[], by their places;
    $reading: whether more may come of it --}}
@use('App\View\Count')
@use('OpenSlate\Blanks\SelfFilling')
@if ($sure === null)
    <p class="ledger__hint" data-looking>Still looking for blanks on this page. They show as soon as they are found.</p>
@elseif ($reading)
    <p class="ledger__hint" data-looking>The words of this picture are being read. More may be found by them.</p>
@endif
@if (($sure ?? []) !== [])
    <section class="proposed" id="proposed-sure" aria-labelledby="proposed-title">
        <h2 id="proposed-title">{{ Count::of(count($sure), 'blank') }} found here</h2>
        <div class="verbs">
            <button type="button" class="btn btn-primary" data-blanks="take">Lay
                {{ count($sure) === 1 ? 'a box on it' : 'boxes on all ' . count($sure) }}</button>
            <button type="button" class="btn btn-plain" data-blanks="refuse">{{ count($sure) === 1 ? 'It is no blank' : 'None is a blank' }}</button>
        </div>
        @if (array_filter($sure, SelfFilling::fits(...)) !== [])
            <label class="traits__check"><input type="checkbox" class="form-check-input" data-blanks-fill
                    autocomplete="off"> Name and date fill themselves in</label>
        @endif
    </section>
@endif
@if ($likely !== [])
    <section class="proposed" id="proposed-likely" aria-labelledby="likely-title">
        <h2 id="likely-title">{{ Count::of(count($likely), 'question') }} with room and no line</h2>
        <div class="verbs">
            <button type="button" class="btn btn-plain" data-blanks="take" data-which="{{ implode(',', array_keys($likely)) }}">Lay
                {{ count($likely) === 1 ? 'a box in it' : 'boxes in all ' . count($likely) }}</button>
            <button type="button" class="btn btn-plain" data-blanks="refuse" data-which="{{ implode(',', array_keys($likely)) }}">Answered elsewhere</button>
        </div>
    </section>
@endif

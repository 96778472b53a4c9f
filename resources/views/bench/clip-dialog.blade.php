{{-- Choosing a piece of a page to lay on this one. --}}
@use('App\View\TraitWords')
<dialog class="clipping" data-clipping aria-labelledby="clipping-title" data-from="{{ route('clips.pages', 0) }}">
    <div class="clipping__head">
        <h2 id="clipping-title" tabindex="-1" autofocus>A clip of another page</h2>
        <label>From <select class="form-select" data-clip-worksheet>
                @foreach ($shelf as $one)
                    <option value="{{ $one->id }}" @selected($one->is($worksheet))>{{ $one->name }}</option>
                @endforeach
            </select>
        </label>
        <button type="button" class="btn btn-plain" data-clip-close>Close</button>
    </div>
    <div class="clipping__body">
        <ol class="clipping__pages" data-clip-pages></ol>
        <div class="clipping__page">
            <p class="ledger__hint" data-clip-said>Choose a page, then drag a frame round what you want. It is laid on
                the page at its own size.</p>
            <div data-clip-page></div>
            <form class="clipping__measures" data-clip-form hidden>
                @foreach (TraitWords::MEASURES as $side => $words)
                    <label>{{ $words }} <input class="form-control" name="{{ $side }}"
                            inputmode="decimal" required aria-label="{{ $words }}, in percent of the page">
                        %</label>
                @endforeach
                <button class="btn btn-primary">Lay this piece</button>
            </form>
        </div>
    </div>
</dialog>

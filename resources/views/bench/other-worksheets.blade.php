{{-- Worksheets to be ticked and taken together. $others: with their pages; $title, $hint, $take: on the button --}}
@use('App\Actions\BoardSources')
@use('App\View\BoardForm')
@use('App\View\OriginWords')
<dialog class="panel" data-others aria-labelledby="others-title">
    <h2 id="others-title" tabindex="-1" autofocus>{{ $title }}</h2>
    <p class="ledger__hint">{{ $hint }}</p>
    <label class="find">Find <input type="search" class="form-control" data-others-find autocomplete="off"
            aria-controls="others-list" placeholder="in names"></label>
    <form novalidate>
        <ul id="others-list" class="others">
            @foreach ($others as $other)
                @php($pages = BoardSources::forStudents($other))
                <li data-other-row>
                    <label class="others__one"><input type="checkbox" class="form-check-input"
                            value="{{ $other->id }}" data-name="{{ BoardForm::called($other) }}"
                            data-pages="{{ BoardForm::typed($pages) }}" data-worksheet="{{ $other->name }}">
                        <x-page.small :row="$pages[0]" />
                        <span><b>{{ $other->name }}</b>
                            <span>{{ OriginWords::short($other) }}</span></span></label>
                </li>
            @endforeach
        </ul>
        <p class="empty" data-others-none hidden><b>No worksheet has these letters in its name.</b></p>
        <div class="verbs"><button class="btn btn-primary">{{ $take }}</button><button type="button"
                class="btn btn-plain" data-others-close>Not now</button></div>
    </form>
</dialog>

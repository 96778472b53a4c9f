@use('App\View\Count')
@use('App\View\ElementWords')
@use('App\View\PropertyWords')
<x-layout.bench :$job :title="'Mending ' . $worksheet->name">
    @php($clean = $offers->filter(fn($offer) => $offer->merge->isClean()))
    @php($settle = $offers->reject(fn($offer) => $offer->merge->isClean()))
    <main id="main" class="table table--form mending">
        <div class="table__head">
            <h2>Mending what was cut</h2><a href="{{ route('worksheets.show', $worksheet) }}">Back to the pages</a>
        </div>
        <x-said />
        @if ($offers->isEmpty())
            <p class="empty"><b>Nothing waits to be mended.</b> What you change on a page here is offered to the sets
                that were cut with that page, and stands here until they took it or you left them as they are.</p>
        @endif
        @if ($clean->isNotEmpty())
            <section aria-labelledby="clean-title">
                <h3 id="clean-title">Can take the change as it is: {{ Count::of($clean->count(), 'page') }}
                </h3>
                <p class="ledger__hint">What was changed in the sets themselves stays. Each page can be put back with
                    Undo at its Boxes.</p>
                <form method="post" action="{{ route('mending.take-all', $worksheet) }}">@csrf<x-once />
                    @foreach ($clean->groupBy('page.worksheet_id') as $id => $ofSet)
                        <fieldset class="mending__set">
                            <legend><label><input type="checkbox" class="form-check-input" name="sets[]"
                                        value="{{ $id }}" checked> <b>{{ $ofSet[0]->page->worksheet->name }}</b></label>
                                @if ($copies[$id] ?? 0)
                                    <small>{{ Count::of($copies[$id], 'copy', 'copies') }} of it
                                        {{ $copies[$id] === 1 ? 'is' : 'are' }} out and
                                        {{ $copies[$id] === 1 ? 'stays as it is' : 'stay as they are' }}.</small>
                                @endif
                            </legend>
                            @foreach ($ofSet as $offer)
                                <div class="mending__page">
                                    @foreach (['as it is' => $offer->set, 'mended' => $offer->merge->page()] as $said => $page)
                                        <figure>
                                            <figcaption>Page {{ $offer->page->position }} {{ $said }}</figcaption>
                                            <x-page.sheet answers :$page :number="$offer->page->position"
                                                :marked="$offer->changes()" sizes="260px" />
                                        </figure>
                                    @endforeach
                                </div>
                            @endforeach
                        </fieldset>
                    @endforeach
                    <button class="btn btn-primary">Mend what is ticked</button>
                </form>
            </section>
        @endif
        @foreach ($settle as $offer)
            @php($id = $offer->page->id)
            <section class="mend" aria-labelledby="mend-{{ $id }}">
                <h3 id="mend-{{ $id }}">{{ $offer->page->worksheet->name }}, page
                    {{ $offer->page->position }}: changed on both sides</h3>
                @if ($out = $copies[$offer->page->worksheet_id] ?? 0)
                    <p class="ledger__hint">{{ Count::of($out, 'copy', 'copies') }} of this set
                        {{ $out === 1 ? 'is' : 'are' }} out already; what you do here does not reach
                        {{ $out === 1 ? 'it' : 'them' }}.</p>
                @endif
                <form method="post" action="{{ route('mending.settle', $worksheet) }}">
                    @csrf<x-once />
                    <input type="hidden" name="page" value="{{ $id }}"><input type="hidden"
                        name="seen" value="{{ $offer->token() }}">
                    <div class="mend__sides">
                        @foreach (['set' => 'the set', 'master' => $worksheet->name] as $whose => $said)
                            @php($page = $offer->$whose)
                            <figure>
                                <figcaption><b>In {{ $said }}</b></figcaption><x-page.sheet answers :$page
                                    :marked="$offer->marked()" :number="$offer->page->position" sizes="360px" />
                            </figure>
                        @endforeach
                        <div class="mend__choices">
                            @foreach ($offer->merge->conflicts as $conflict)
                                <fieldset class="choice">
                                    <legend>{{ $offer->marked()[$conflict->id] }}.
                                        {{ ElementWords::kind(($conflict->set ?? $conflict->master)->kind()) }}
                                    </legend>
                                    @foreach (['set' => 'the set’s', 'master' => 'the master’s'] as $whose => $said)
                                        @php($element = $conflict->$whose)
                                        @php($gone = 'taken off the page')
                                        <label><input type="radio" class="form-check-input"
                                                name="take[{{ $conflict->id }}]" value="{{ $whose }}"
                                                @checked($whose === 'set')> <span><b>{{ $said }}</b>
                                                {{ $element === null ? $gone : ElementWords::of($element) }}
                                                @if ($element)
                                                    <small>{{ ElementWords::place($element) }}</small>
                                                @endif
                                            </span></label>
                                    @endforeach
                                </fieldset>
                            @endforeach
                            @foreach ($offer->merge->disputed as $property)
                                <fieldset class="choice">
                                    <legend>{{ PropertyWords::name($property) }}</legend>
                                    @foreach (['set' => 'the set’s', 'master' => 'the master’s'] as $whose => $said)
                                        <label><input type="radio" class="form-check-input"
                                                name="page_takes[{{ $property->value }}]" value="{{ $whose }}"
                                                @checked($whose === 'set')> <span><b>{{ $said }}</b>
                                                {{ PropertyWords::of($property, $offer->$whose) }}</span></label>
                                    @endforeach
                                </fieldset>
                            @endforeach
                            <p class="ledger__hint">What only one side changed is kept from that side.</p>
                            <div class="verbs"><button class="btn btn-primary">Mend this page</button><button
                                    class="btn btn-plain" name="leave" value="1">Leave it as it is</button></div>
                        </div>
                    </div>
                </form>
            </section>
        @endforeach
    </main>
</x-layout.bench>

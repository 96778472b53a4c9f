<x-layout.bench :$job :title="'Key of ' . $worksheet->name . ', page ' . $row->position"
    :scripts="$job->at->scripts($locked)">
    <main id="main" class="table table--page" data-key-station
        data-keyed="{{ $shown->tally()->keyed }}" data-page-id="{{ $row->id }}"
        data-revision="{{ $shown->revision->number }}"
        data-undo="{{ $shown->revision->undo_to === null ? 'no' : 'yes' }}"
        data-redo="{{ $shown->revision->redo_to === null ? 'no' : 'yes' }}">
        <div class="table__head">
            <h2>Key, page {{ $row->position }} <small>of {{ $worksheet->pages->count() }}</small></h2>
            @unless ($locked)
                <div class="verbs">
                    <button type="button" class="btn btn-icon" data-step="undo" title="Undo (Ctrl+Z)"
                        aria-label="Undo"><x-icon name="undo" /></button>
                    <button type="button" class="btn btn-icon" data-step="redo" title="Redo (Ctrl+Shift+Z)"
                        aria-label="Redo"><x-icon name="redo" /></button>
                </div>
            @endunless
        </div>
        @include('bench.lock')
        <div class="notice notice--bad" data-problem hidden>
            <p role="alert" data-problem-words></p><button type="button" class="btn btn-plain"
                data-dismiss>Close</button>
        </div>
        <div class="desk" data-desk data-scrolls="desk {{ $row->id }}" @if ($locked) tabindex="0" role="group" aria-label="The page" @else tabindex="-1" @endif>
            <div class="desk__page" data-page="1">
                @unless ($locked)
                    @includeWhen($shown->content->hasMoves(), 'student.moves', ['page' => $shown->content, 'isKey' => true])
                @endunless
                <div data-key-page>
                    @if ($locked)
                        <x-page.sheet answers :page="$shown->content" :texts="$shown->texts()" sizes="760px" />
                    @else
                        @include('bench.key-page')
                    @endif
                </div>
            </div>
        </div>
        @include('bench.rail', ['route' => $job->at->route()])
    </main>
    <aside class="ledger" aria-label="Right answers">
        <div class="ledger__head">
            <h2>Right answers</h2>
            <p class="ledger__hint">Type them into the boxes on the page, or here. Students never see them.</p>
            @unless ($locked)
                <form class="times" data-all-points><label>Every place on this page: <input type="number"
                            class="form-control" min="0" max="100" step="0.25" value="1"
                            aria-label="Points"> points</label><button class="btn btn-plain">Set the points</button></form>
            @endunless
        </div>
        <div class="ledger__body" data-key-ledger @if ($locked) inert @endif>
            @include('bench.key-ledger')</div>
    </aside>
    <div class="footbar" data-footbar><button type="button" class="btn btn-plain" data-sheet-up=".ledger__body"
            aria-expanded="false">Right answers</button></div>
    @include('student.put-back')
</x-layout.bench>

@use('App\View\ElementWords')
@use('App\View\Station')
@use('OpenSlate\Page\Tags')
<x-layout.bench :$job :title="$worksheet->name . ', page ' . $row->position" :scripts="$job->at->scripts($locked)">
    @php($isParts = $job->at === Station::Parts)
    @php($content = $shown->content)
    @php($revision = $shown->revision)
    <main id="main" class="table table--page"
        @unless ($locked) data-bench data-station="{{ $job->at->value }}" @endunless
        data-page-id="{{ $row->id }}" data-revision="{{ $revision->number }}"
        data-guides="{{ json_encode($shown->guides()) }}" data-pictures="{{ route('pictures.store', $row) }}"
        data-recordings="{{ route('recordings.store', $row) }}"
        data-undo="{{ $revision->undo_to === null ? 'no' : 'yes' }}"
        data-redo="{{ $revision->redo_to === null ? 'no' : 'yes' }}">
        <div class="table__head">
            <h2>Page {{ $row->position }} <small>of {{ $worksheet->pages->count() }}</small></h2>
            @unless ($locked)
                <div class="verbs">
                    <button type="button" class="btn btn-icon" data-verb="undo" title="Undo (Ctrl+Z)"
                        aria-label="Undo"><x-icon name="undo" /></button>
                    <button type="button" class="btn btn-icon" data-verb="redo" title="Redo (Ctrl+Shift+Z)"
                        aria-label="Redo"><x-icon name="redo" /></button>
                    <span class="verbs__gap"></span>
                    <button type="button" class="btn btn-icon" data-zoom="out" title="Smaller"
                        aria-label="Show the page smaller"><x-icon name="minus" /></button>
                    <button type="button" class="btn btn-plain" data-zoom="fit">Fit</button>
                    <button type="button" class="btn btn-icon" data-zoom="in" title="Larger"
                        aria-label="Show the page larger"><x-icon name="plus" /></button>
                    <button type="button" class="btn btn-plain" data-keys>Keys</button>
                </div>
            @endunless
        </div>
        @include('bench.lock')
        <x-said />
        <div class="notice notice--bad" data-problem hidden>
            <p role="alert" data-problem-words></p><button type="button" class="btn btn-plain" data-again hidden>Do
                my change again</button><button type="button" class="btn btn-plain" data-dismiss>Close</button>
        </div>
        <div class="desk" data-desk data-scrolls="desk {{ $row->id }}"
            @if ($locked) tabindex="0" role="group" aria-label="The page" @else tabindex="-1" @endif>
            <div class="desk__page" data-stage>
                @if ($locked)
                    <x-page.sheet answers :page="$content" :number="$row->position" sizes="760px" />
                @else
                    @include('bench.page', ['page' => $content, 'proposals' => $shown->proposals])
                @endif
            </div>
        </div>
        <p class="visually-hidden" role="status" data-said></p>
        @include('bench.rail', ['route' => $job->at->route()])
    </main>
    <aside class="ledger" aria-label="On this page">
        @if ($locked)
            <div class="ledger__body" tabindex="0" aria-label="On this page">
                <h2>On this page</h2>
                <ol class="rows">
                    @foreach (Tags::of($content) as $id => $tag)
                        @php($words = ElementWords::of($content->element((string) $id)))
                        <li class="row-of"><span class="row-of__tag row-of__tag--plain">{{ $tag }}</span><span
                                class="row-of__words row-of__words--plain">{{ $words }}</span>
                        </li>
                    @endforeach
                </ol>
            </div>
        @else
            @include($isParts ? 'bench.part-tools' : 'bench.tools')
            @include('bench.traits')
            <div class="verbs verbs--paste"><button type="button" class="btn btn-plain" data-verb="paste"
                    hidden>Paste</button><button type="button" class="btn btn-plain" data-verb="all">Select
                    all</button>
                @if (!$isParts && $worksheet->pages->count() > 1)
                    <form method="post" action="{{ route('blanks.take-all', $worksheet) }}">@csrf<x-once /><input
                            type="hidden" name="base" value="{{ $worksheet->arranged }}"><input
                            type="hidden" name="fills" value="" data-blanks-filled><input
                            type="hidden" name="number" value="{{ $row->position }}"><button
                            class="btn btn-plain"
                            title="Lays an answer box on every blank that was found, on all pages for students">Lay boxes
                            on the blanks of all pages</button></form>
                @endif
            </div>
            @if ($isParts)
                <details class="ledger__head laying" data-laying open>
                    <summary>
                        <h2>Kits and tray</h2>
                    </summary>@include('bench.kits')@include('bench.tray')
                </details>
            @endif
            <p class="ledger__warning" data-overlaps role="status" hidden></p>
            <div class="ledger__body" data-ledger>
                @include('bench.ledger', ['page' => $content] + $shown->proposed())
            </div>
        @endif
    </aside>
    <div class="footbar" data-footbar>
        @unless ($locked)
            <button type="button" class="btn btn-plain" data-sheet-up="[data-laying]" aria-expanded="false">Tools</button>
            <button type="button" class="btn btn-plain" data-sheet-up="[data-traits]" aria-expanded="false" data-selected
                disabled>Change it</button>
        @endunless
        <button type="button" class="btn btn-plain" data-sheet-up=".ledger__body" aria-expanded="false">List</button>
        @unless ($locked)
            <button type="button" class="btn btn-plain" data-several aria-pressed="false">Select several</button>
            <button type="button" class="btn btn-primary" data-done>Done</button>
        @endunless
    </div>
    @unless ($locked)
        @include('bench.clip-dialog')@include('bench.link-dialog')@include('bench.recording-dialog')
    @endunless
    @include('bench.keys')
</x-layout.bench>

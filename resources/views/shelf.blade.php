<x-layout.teacher title="Shelf" at="shelf">
    <main id="main" class="room">
        <div class="room__head room__head--row"><h1>Shelf</h1>
            @if ($worksheets->isNotEmpty())<label class="find">Find <input type="search" class="form-control" data-find autocomplete="off" aria-controls="worksheets"></label>@endif
            <a href="{{ route('bin.index') }}">Bin</a>
        </div>
        @if ($gone = session('binned'))
            <div class="notice notice--good" role="status"><form method="post" action="{{ route('bin.put-back', $gone['id']) }}">@csrf<b>{{ $gone['name'] }}</b> is in the bin for 30 days. <button class="btn btn-plain">Put it back</button></form></div>
        @endif
        <section class="bring" x-data="bringIn" data-url="{{ route('worksheets.store') }}" data-most="{{ config('slate.files.most_bytes') }}" data-token="{{ csrf_token() }}" aria-label="Bring in PDFs"
            x-on:dragover.prevent="over" x-on:dragleave="away" x-on:drop.prevent="drop" x-bind:class="classes">
            <label class="btn btn-primary" for="bring-file">Bring in PDFs</label>
            <input id="bring-file" class="visually-hidden" type="file" accept="application/pdf,.pdf" multiple x-on:change="choose" x-ref="file">
            <p class="bring__hint" x-show="idle">or drop them anywhere on this strip. Each up to 100 MB and 300 pages; files are kept exactly as they are.</p>
            <div class="verbs" x-show="asking" x-cloak>
                <b x-text="count"></b>
                <button type="button" class="btn btn-plain" x-on:click="together">One master of them all</button>
                <button type="button" class="btn btn-plain" x-on:click="apart">A master for each</button>
                <button type="button" class="btn btn-plain" x-on:click="forget">Leave them</button>
            </div>
            <div class="bring__run" x-show="busy" x-cloak>
                <p><span x-text="words"></span></p>
                <progress max="100" x-bind:value="percent" aria-label="Upload"></progress>
            </div>
            <p class="bring__problem" role="alert" x-show="problem" x-cloak x-text="problem"></p>
        </section>

        @if ($worksheets->isEmpty())
            <p class="empty"><b>Nothing on the shelf yet.</b> Bring in a PDF: a worksheet, a workbook, a whole bought pack. It becomes a master, from which you cut what the class needs.</p>
        @endif
        <p class="empty" data-none hidden><b>No worksheet has these letters in its name.</b></p>
        <ul class="shelf" id="worksheets">
            @foreach ($worksheets as $worksheet)
                <li class="shelf__item" data-name="{{ $worksheet->name }}" @if ($worksheet->state === \App\Models\WorksheetState::Preparing) x-data="preparing" data-url="{{ route('worksheets.progress', $worksheet) }}" @endif>
                    <a class="shelf__link" href="{{ route('worksheets.show', $worksheet) }}">
                        <span class="shelf__cover" aria-hidden="true">
                            @if ($backdrop = $worksheet->pages->first()?->backdrop)
                                <img src="{{ route('backdrops.show', ['source' => $backdrop->source, 'page' => $backdrop->page, 'size' => 'thumbnail'], false) }}" alt="" loading="lazy">
                            @endif
                        </span>
                        <span class="shelf__words">
                            <b class="shelf__name">{{ $worksheet->name }}</b>
                            @if ($worksheet->state === \App\Models\WorksheetState::Failed)
                                <span class="shelf__problem">Could not be prepared</span>
                            @elseif ($worksheet->state === \App\Models\WorksheetState::Preparing)
                                <span x-text="words">Preparing: {{ $worksheet->pages_count }} of {{ $worksheet->pages_total }} pages</span>
                                <progress max="{{ $worksheet->pages_total }}" value="{{ $worksheet->pages_count }}" x-bind:value="done" aria-label="Preparing {{ $worksheet->name }}"></progress>
                            @else
                                <span>{{ \App\View\JobState::count($worksheet->pages_total, 'page') }}@if ($worksheet->editions_count), handed out {{ \App\View\JobState::times($worksheet->editions_count) }}@endif</span>
                            @endif
                            <span class="shelf__origin">{{ $worksheet->isMaster() ? 'Master'.($worksheet->sets_count ? ', '.\App\View\JobState::count($worksheet->sets_count, 'set').' cut' : '') : "Pages {$worksheet->cut_from} of {$worksheet->master->name}" }}</span>
                            <time class="shelf__time" datetime="{{ $worksheet->updated_at->toIso8601String() }}">{{ $school->brief($worksheet->updated_at) }}</time>
                        </span>
                    </a>
                    @if ($worksheet->state !== \App\Models\WorksheetState::Preparing)
                        <div class="shelf__verbs">
                            <button type="button" class="btn btn-plain" data-rename="{{ route('worksheets.rename', $worksheet) }}" aria-label="Rename {{ $worksheet->name }}">Rename</button>
                            <form method="post" action="{{ route('bin.store', $worksheet) }}">@csrf @method('delete')<button class="btn btn-plain" aria-label="Put {{ $worksheet->name }} in the bin">Bin</button></form>
                        </div>
                    @endif
                </li>
            @endforeach
        </ul>
    </main>
</x-layout.teacher>

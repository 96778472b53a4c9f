@use('App\View\FileTypes')
<x-layout.teacher title="Shelf" at="shelf">
    <main id="main" class="room">
        <div class="room__head room__head--row">
            <h1>Shelf</h1>
            @if ($worksheets->isNotEmpty())
                <label class="find">Find <input type="search" class="form-control" data-find autocomplete="off"
                        aria-controls="worksheets" data-url="{{ route('shelf.find') }}"
                        placeholder="in names and on pages"></label>
            @endif
            <a href="{{ route('colleagues.index') }}">From colleagues{{ $shared ? " ({$shared})" : '' }}</a>
            <a href="{{ route('bin.index') }}">Bin</a>
        </div>
        @if ($gone = session('binned'))
            <div class="notice notice--good" role="status">
                <form method="post" action="{{ route('chosen.put-back') }}">@csrf
                    @foreach ($gone['ids'] as $id)
                        <input type="hidden" name="worksheets[]" value="{{ $id }}">
                    @endforeach
                    <b>{{ $gone['name'] }}</b> {{ count($gone['ids']) === 1 ? 'is' : 'are' }} in the bin for 30 days.
                    <button class="btn btn-plain">{{ count($gone['ids']) === 1 ? 'Put it back' : 'Put them back' }}</button>
                </form>
            </div>
        @endif
        @error('worksheets')
            <div class="notice notice--bad" role="alert">{{ $message }}</div>
        @enderror
        @if ($gone = session('dissolved'))
            <div class="notice notice--good" role="status">
                <form method="post" action="{{ route('units.put-back', $gone['id']) }}">@csrf The unit
                    <b>{{ $gone['name'] }}</b> is
                    removed{{ $gone['worksheets'] ? "; its {$gone['worksheets']} stand under “In no unit”" : '' }}. <button
                        class="btn btn-plain">Put it back</button>
                </form>
            </div>
        @endif
        <section class="bring" x-data="bringIn" data-url="{{ route('worksheets.store') }}"
            aria-label="Bring in files" x-on:dragover.prevent="over"
            x-on:dragleave="away" x-on:drop.prevent="drop" x-on:paste.window="paste" x-bind:class="classes">
            <label class="btn btn-primary" for="bring-file">Bring in files</label>
            <input id="bring-file" class="visually-hidden" type="file" accept="{{ FileTypes::ACCEPTED }}" multiple
                x-on:change="choose" x-ref="file">
            <label class="btn btn-plain bring__camera" for="bring-camera">Take a photo</label>
            <input id="bring-camera" class="visually-hidden bring__camera" type="file" accept="image/*"
                capture="environment" x-on:change="choose">
            <p class="bring__hint" x-show="idle">or drop them anywhere on this strip, or paste a picture. PDFs, documents, slides, photos, packages; each up to 100 MB and 300 pages;
                files are kept exactly as they are.</p>
            <div class="verbs" x-show="asking" x-cloak>
                <b x-text="count"></b>
                <button type="button" class="btn btn-plain" x-on:click="together">One master of them all</button>
                <button type="button" class="btn btn-plain" x-on:click="apart">A master for each</button>
                <button type="button" class="btn btn-plain" x-on:click="forget">Leave them</button>
            </div>
            <ul class="arriving" x-show="some" x-cloak>
                <template x-for="file in files" x-bind:key="file.key">
                    <li class="arriving__file">
                        <a x-bind:href="file.url" x-text="file.name" x-show="file.ready"></a>
                        <b x-text="file.name" x-show="file.under"></b>
                        <progress max="100" x-bind:value="file.percent" x-bind:aria-label="file.name"
                            x-show="file.running"></progress>
                        <span x-text="file.words" x-bind:class="file.look"></span>
                    </li>
                </template>
            </ul>
            <p class="arriving__sum" role="status" x-show="some" x-text="sum" x-cloak></p>
            <details class="start" @if ($errors->hasAny(['paper', 'width', 'theme'])) open @endif>
                <summary>Start from a blank page</summary>
                <form method="post" action="{{ route('worksheets.blank') }}" x-data="startBlank" novalidate>
                    @csrf<x-once />
                    <div class="field"><label for="start-name">Name, and heading of the first page</label><input
                            id="start-name" name="name" class="form-control" maxlength="120" autocomplete="off">
                    </div>
                    @include('bench.paper-fields', ['id' => 'start', 'themes' => true])
                    @error('width')
                        <p class="field__error" role="alert">{{ $message }}</p>
                    @enderror
                    <button class="btn btn-primary">Start</button>
                </form>
            </details>
            <p class="bring__problem" role="alert" x-show="problem" x-cloak x-text="problem"></p>
        </section>

        @if ($worksheets->isEmpty())
            <p class="empty"><b>Nothing on the shelf yet.</b> Bring in a PDF: a worksheet, a workbook, a whole bought
                pack. It becomes a master, from which you cut what the class needs.</p>
        @endif
        <p class="empty" data-none hidden><b>No worksheet has these letters in its name or on its pages.</b></p>
        <p class="visually-hidden" role="status" data-shelf-said></p>
        <div id="worksheets">
            {{-- What is new is in no unit yet, and stands first. --}}
            @foreach (isset($rows[0]) ? [null, ...$units->all()] : [...$units->all(), null] as $unit)
                @php($in = $rows[$unit->id ?? 0] ?? [])
                @continue($unit === null && $units->isEmpty() && $in === [])
                <section id="in-unit-{{ $unit->id ?? 'none' }}" class="unit" data-unit="{{ $unit?->id }}"
                    aria-labelledby="unit-{{ $unit->id ?? 'none' }}">
                    @if ($unit)
                        <div class="unit__head" data-name="{{ $unit->name }}">
                            <h2 id="unit-{{ $unit->id }}" class="shelf__name">{{ $unit->name }}</h2>
                            <details class="menu">
                                <summary class="btn btn-plain" aria-label="More for the unit {{ $unit->name }}">More
                                </summary>
                                <div class="menu__list">
                                    <button type="button" class="menu__verb"
                                        data-rename="{{ route('units.rename', $unit) }}">Rename the unit</button>
                                    <form method="post" action="{{ route('units.move', $unit) }}">@csrf
                                        <button class="menu__verb" name="way" value="up"
                                            @disabled($unit->is($units->first()))>Move it up</button>
                                        <button class="menu__verb" name="way" value="down"
                                            @disabled($unit->is($units->last()))>Move it down</button>
                                    </form>
                                    <form method="post" action="{{ route('units.destroy', $unit) }}">@csrf
                                        @method('delete')<button class="menu__verb">Remove the unit; its worksheets
                                            stay</button>
                                    </form>
                                </div>
                            </details>
                        </div>
                    @else
                        <div class="unit__head">
                            <h2 id="unit-none" @class(['visually-hidden' => $units->isEmpty()])>In no unit</h2>
                        </div>
                    @endif
                    <p class="unit__empty">Nothing here yet. Drag a worksheet onto this line, or tick some and move
                        them here.</p>
                    <ul class="shelf">
                        @foreach ($in as $row)
                            @include('shelf-item', ['worksheet' => $row->worksheet, 'sets' => $row->sets, 'lies' => false])
                        @endforeach
                    </ul>
                </section>
            @endforeach
        </div>
        @if ($worksheets->isNotEmpty())
            <form id="chosen" method="post" class="chosen" data-chosen hidden>@csrf
                <b data-chosen-count role="status"></b>
                <button class="btn btn-primary" formaction="{{ route('chosen.hand-out') }}">Hand
                    out together</button>
                <button class="btn btn-plain" formaction="{{ route('chosen.board') }}">Choice board</button>
                @if ($units->isNotEmpty())
                    <span class="chosen__move"><label for="chosen-unit">Move to</label> <select id="chosen-unit"
                            name="unit" class="form-select" autocomplete="off">
                            @foreach ($units as $unit)
                                <option value="{{ $unit->id }}">{{ $unit->name }}</option>
                            @endforeach
                            <option value="">no unit</option>
                        </select><button class="btn btn-plain" formaction="{{ route('chosen.unit') }}">Move</button></span>
                @endif
                <button class="btn btn-plain" formaction="{{ route('chosen.package') }}">Package</button>
                <button class="btn btn-plain" formaction="{{ route('chosen.bin') }}">Put in the bin</button>
                <button type="button" class="btn btn-plain" data-choose-none>Choose none</button>
            </form>
            <form method="post" action="{{ route('units.store') }}" class="inline-form inline-form--unit"
                novalidate>@csrf<x-once />
                <x-field name="name" label="A new unit" maxlength="80" autocomplete="off"
                    placeholder="Name, such as The working harbour" />
                <button class="btn btn-plain">Make the unit</button>
            </form>
        @endif
    </main>
</x-layout.teacher>

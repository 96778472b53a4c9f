<x-layout.teacher title="Shelf" at="shelf">
    <main id="main" class="room">
        <div class="room__head room__head--row">
            <h1>Shelf</h1>
            @if ($worksheets->isNotEmpty())
                <label class="find">Find <input type="search" class="form-control" data-find autocomplete="off"
                        aria-controls="worksheets"></label>
            @endif
            <a href="{{ route('colleagues.index') }}">From colleagues{{ $shared ? " ({$shared})" : '' }}</a>
            <a href="{{ route('bin.index') }}">Bin</a>
        </div>
        @if ($gone = session('binned'))
            <div class="notice notice--good" role="status">
                <form method="post" action="{{ route('bin.put-back', $gone['id']) }}">@csrf<b>{{ $gone['name'] }}</b>
                    is in the bin for 30 days. <button class="btn btn-plain">Put it back</button></form>
            </div>
        @endif
        @if ($gone = session('dissolved'))
            <div class="notice notice--good" role="status">
                <form method="post" action="{{ route('units.put-back', $gone['id']) }}">@csrf The unit
                    <b>{{ $gone['name'] }}</b> is
                    gone{{ $gone['worksheets'] ? "; its {$gone['worksheets']} stand under No unit" : '' }}. <button
                        class="btn btn-plain">Put it back</button>
                </form>
            </div>
        @endif
        <section class="bring" x-data="bringIn" data-url="{{ route('worksheets.store') }}"
            aria-label="Bring in PDFs" x-on:dragover.prevent="over"
            x-on:dragleave="away" x-on:drop.prevent="drop" x-bind:class="classes">
            <label class="btn btn-primary" for="bring-file">Bring in PDFs</label>
            <input id="bring-file" class="visually-hidden" type="file" accept="application/pdf,.pdf" multiple
                x-on:change="choose" x-ref="file">
            <p class="bring__hint" x-show="idle">or drop them anywhere on this strip. Each up to 100 MB and 300 pages;
                files are kept exactly as they are.</p>
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
        <p class="empty" data-none hidden><b>No worksheet has these letters in its name.</b></p>
        <p class="visually-hidden" role="status" data-shelf-said></p>
        <div id="worksheets">
            @foreach ([...$units->all(), null] as $unit)
                @php($in = $byUnit[$unit->id ?? 0] ?? collect())
                @continue($unit === null && $units->isEmpty() && $in->isEmpty())
                <section class="unit" data-unit="{{ $unit?->id }}"
                    aria-labelledby="unit-{{ $unit->id ?? 'none' }}">
                    @if ($unit)
                        <div class="unit__head" data-name="{{ $unit->name }}">
                            <h2 id="unit-{{ $unit->id }}" class="shelf__name">{{ $unit->name }}</h2>
                            <div class="verbs">
                                <button type="button" class="btn btn-plain"
                                    data-rename="{{ route('units.rename', $unit) }}"
                                    aria-label="Rename the unit {{ $unit->name }}">Rename</button>
                                <form method="post" action="{{ route('units.move', $unit) }}">@csrf
                                    <button class="btn btn-plain" name="way" value="up"
                                        aria-label="Move the unit {{ $unit->name }} up"
                                        @disabled($loop->first)>Up</button>
                                    <button class="btn btn-plain" name="way" value="down"
                                        aria-label="Move the unit {{ $unit->name }} down"
                                        @disabled($loop->remaining === 1)>Down</button>
                                </form>
                                <form method="post" action="{{ route('units.destroy', $unit) }}">@csrf
                                    @method('delete')<button class="btn btn-plain"
                                        aria-label="Dissolve the unit {{ $unit->name }}; its worksheets stay">
                                        Dissolve
                                    </button>
                                </form>
                            </div>
                        </div>
                    @else
                        <div class="unit__head">
                            <h2 id="unit-none" @class(['visually-hidden' => $units->isEmpty()])>No unit</h2>
                        </div>
                    @endif
                    <p class="unit__empty">Nothing here yet. Drag a worksheet onto this line, or choose the unit under
                        it.</p>
                    <ul class="shelf">
                        @foreach ($in as $worksheet)
                            @include('shelf-item')
                        @endforeach
                    </ul>
                </section>
            @endforeach
        </div>
        @if ($worksheets->isNotEmpty())
            <form method="post" action="{{ route('units.store') }}" class="inline-form inline-form--unit"
                novalidate>@csrf<x-once />
                <x-field name="name" label="A new unit" maxlength="80" autocomplete="off"
                    placeholder="Name, such as The working harbour" />
                <button class="btn btn-plain">Make the unit</button>
            </form>
        @endif
    </main>
</x-layout.teacher>

{{--
    Sheets that were filled in by hand. $item, $copies; $files: those that are being read, or could not be; $sheets:
    App\View\PaperSheets; $readsCodes: whether this machine can
--}}
@use('App\Models\ExportState')
@use('App\View\Count')
<x-layout.teacher :title="'On paper: ' . $item->edition->name" at="handouts" :scripts="['resources/js/on-paper.js']">
    <main id="main" class="room leaving">
        <div class="room__head">
            <p><a href="{{ route('desks', ['handout' => $item->handout, 'item' => $item->id]) }}">Back to the desks</a> ·
                <a href="{{ route('copies.leaving', $item) }}">Paper and PDF</a></p>
            <h1>Filled in on paper</h1>
            <p>{{ $item->handout->title }}: {{ $item->edition->name }}</p>
        </div>
        <x-said />
        @unless ($readsCodes)
            <p class="notice notice--bad">This machine has no reader of codes (zxing-cpp-tools), so that you have to say of
                each sheet whose it is.</p>
        @endunless
        <div class="field">
            <label for="papers">Scans or photos of the sheets</label>
            <input id="papers" type="file" multiple accept="application/pdf,image/*" class="form-control"
                data-papers="{{ route('on-paper.store', $item) }}" aria-describedby="papers-note">
            <div id="papers-note" class="field__note">All at once, in any order: the codes on them say whose each is. Scan at
                200 dots to the inch or more, all four edges of a sheet in a photo.</div>
        </div>
        <ul class="papers__files" data-files aria-label="Files">
            @foreach ($files as $paper)
                @include('leaving.paper-row')
            @endforeach
        </ul>
        @unless ($sheets->isEmpty())
            <form method="post" action="{{ route('on-paper.take', $item) }}">
                @csrf
                @foreach ([['Not known', $sheets->unknown], ['Known by their codes', $sheets->known]] as [$said, $rows])
                    @continue($rows === [])
                    <section aria-label="{{ $said }}">
                        <h2>{{ $said }}: {{ Count::of(count($rows), 'sheet') }}</h2>
                        <ul class="papers">
                            @foreach ($rows as $row)
                                @include('leaving.paper-sheet')
                            @endforeach
                        </ul>
                    </section>
                @endforeach
                @if ($sheets->more > 0)
                    <p>{{ Count::of($sheets->more, 'sheet') }} more can be seen when these are put away.</p>
                @endif
                <div class="papers__put">
                    <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="in" value="1"
                            @checked(old('sheets') === null || old('in'))> These copies are handed in with that</label>
                    @if ($sheets->isAgainst || old('sheets') !== null)
                        <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="over" value="1"
                                @checked(old('over'))> In place of pages that came on paper before</label>
                    @endif
                    <button class="btn btn-primary">Put what is ticked into the copies</button>
                </div>
            </form>
        @endunless
        @unless ($sheets->isEmpty() && $files->where('state', ExportState::Refused)->isEmpty())
            <form method="post" action="{{ route('on-paper.destroy', $item) }}" class="papers__away">@csrf @method('delete')
                <button class="btn btn-plain">Throw away what is in no copy</button> What nobody needs goes by itself after
                thirty days.</form>
        @endunless
    </main>
</x-layout.teacher>

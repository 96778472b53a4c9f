{{--
    The copies of an item leave. $item, $handout, $copies, $chosen: App\Models\Copy that was come from, $isMarked, $made:
    list of App\View\ExportRow, $canPrint
--}}
@use('App\Documents\Printing\Grey')
@use('App\View\LeavingForm')
@php($who = old('who', $chosen ? 'one' : 'all'))
@php($files = old('files', 'one'))
<x-layout.teacher :title="'Copies of ' . $item->edition->name . ' as PDF'" at="handouts" :scripts="['resources/js/leaving.js']">
    <main id="main" class="room leaving">
        <div class="room__head">
            <p><a href="{{ route('desks', ['handout' => $handout, 'item' => $item->id]) }}">Back to the desks</a></p>
            <h1>Paper and PDF</h1>
            <p>{{ $handout->title }}: {{ $item->edition->name }}</p>
        </div>
        <x-said />
        @unless ($canPrint)
            <p class="notice notice--bad">{{ LeavingForm::NO_BROWSER }}</p>
        @else
            <form method="post" action="{{ route('copies.leaving.make', $item) }}" novalidate>
                @csrf <x-once />
                <fieldset class="ways">
                    <legend>Whose copies</legend>
                    <label><input type="radio" class="form-check-input" name="who" value="all"
                            @checked($who === 'all')> all</label>
                    <label><input type="radio" class="form-check-input" name="who" value="begun"
                            @checked($who === 'begun')> those with something in them</label>
                    <label><input type="radio" class="form-check-input" name="who" value="in"
                            @checked($who === 'in')> those that were handed in</label>
                    <div class="leaving__one"><label><input type="radio" class="form-check-input" name="who" value="one"
                                @checked($who === 'one')> one</label>
                        <select name="copy" class="form-select" aria-label="Whose" data-picks="[name=who][value=one]">
                            @foreach ($copies as $copy)
                                <option value="{{ $copy->id }}" @selected((int) old('copy', $chosen?->id) === $copy->id)>
                                    {{ $copy->whose() }}</option>
                            @endforeach
                        </select></div>
                    @error('who')
                        <p class="field__error" role="alert">{{ $message }}</p>
                    @enderror
                    @error('copy')
                        <p class="field__error" role="alert">{{ $message }}</p>
                    @enderror
                </fieldset>
                <fieldset class="ways">
                    <legend>As</legend>
                    <label><input type="radio" class="form-check-input" name="files" value="one"
                            @checked($files === 'one')> one PDF, copy after copy</label>
                    <label><input type="radio" class="form-check-input" name="files" value="each"
                            @checked($files === 'each')> a PDF each, in a ZIP</label>
                    <label><input type="radio" class="form-check-input" name="files" value="forms"
                            @checked($files === 'forms')> PDFs to go on with elsewhere: what is in them so far stands in
                        form fields, and what comes back is read below</label>
                </fieldset>
                <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="names" value="1"
                        @checked(old('names', true))> With whose it is at the foot of each page</label>
                <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="marks" value="1"
                        @checked(old('marks', $isMarked))> With marks and comments</label>
                <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="codes" value="1"
                        @checked(old('codes'))> To be filled in by hand: two small codes at the edge of each page say whose
                    it is, so that scans find their way back by themselves</label>
                @if (Grey::isThere())
                    <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="grey" value="1"
                        @checked(old('grey'))> Without colours, for black ink alone</label>
                @endif
                <button class="btn btn-primary">Make it</button>
            </form>
        @endunless
        @include('leaving.made')
        <section class="leaving__back" aria-labelledby="back">
            <h3 id="back">Answers that come back</h3>
            <p><a class="btn btn-plain" href="{{ route('on-paper', $item) }}">Sheets that were filled in by hand</a></p>
            <form method="post" action="{{ route('returned.read', $item) }}" enctype="multipart/form-data">
                @csrf
                <div class="field">
                    <label for="pdfs">PDFs that were filled in elsewhere</label>
                    <input id="pdfs" type="file" name="pdfs[]" multiple accept="application/pdf" class="form-control"
                        required aria-describedby="pdfs-note">
                    <div id="pdfs-note" class="field__note">
                        @error('pdfs')
                            <span class="field__error" role="alert">{{ $message }}</span>@else You see what is in them before
                        anything is taken.
                        @enderror
                    </div>
                </div>
                <button class="btn btn-plain">Look at them</button>
            </form>
        </section>
    </main>
</x-layout.teacher>

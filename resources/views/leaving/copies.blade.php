{{--
    The copies of an item leave. $item, $handout, $copies, $chosen: App\Models\Copy that was come from, $isMarked, $made:
    list of App\View\ExportRow, $canPrint
--}}
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
                    <label><input type="radio" class="form-check-input" name="who" value="one"
                            @checked($who === 'one')> one: <select name="copy" class="form-select" aria-label="Whose">
                            @foreach ($copies as $copy)
                                <option value="{{ $copy->id }}" @selected((int) old('copy', $chosen?->id) === $copy->id)>
                                    {{ $copy->whose() }}</option>
                            @endforeach
                        </select></label>
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
                </fieldset>
                <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="marks" value="1"
                        @checked(old('marks', $isMarked))> With marks and comments</label>
                <button class="btn btn-primary">Make it</button>
            </form>
        @endunless
        @include('leaving.made')
    </main>
</x-layout.teacher>

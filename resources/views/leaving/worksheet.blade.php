{{-- A worksheet leaves. $job, $worksheet, $form: App\View\LeavingForm, $made: list of App\View\ExportRow, $canPrint --}}
@use('App\Documents\Printing\Grey')
@use('App\Models\ExportKind')
@use('App\View\LeavingForm')
@php($kind = old('kind', $canPrint ? ExportKind::Form->value : ExportKind::Package->value))
<x-layout.bench :$job at="leaving" :title="$worksheet->name . ' as PDF'" :scripts="['resources/js/leaving.js']">
    <main id="main" class="table table--form leaving">
        <div class="table__head">
            <h2>Paper and PDF</h2>
        </div>
        <x-said />
        @unless ($canPrint)
            <p class="notice notice--bad">{{ LeavingForm::NO_BROWSER }}</p>
        @endunless
        <form method="post" action="{{ route('leaving.make', $worksheet) }}" novalidate>
            @csrf <x-once />
            <fieldset class="ways">
                <legend>What for</legend>
                <label><input type="radio" class="form-check-input" name="kind" value="form"
                        @checked($kind === 'form') @disabled(! $canPrint)> to fill in on a screen: each place is a form field, in any PDF
                    reader</label>
                <label><input type="radio" class="form-check-input" name="kind" value="paper"
                        @checked($kind === 'paper') @disabled(! $canPrint)> to print and write on by hand; parts to move come on a sheet to
                    cut out</label>
                <label><input type="radio" class="form-check-input" name="kind" value="key"
                        @checked($kind === 'key') @disabled(! $canPrint)> for you: the right answers stand in their
                    places</label>
                <label><input type="radio" class="form-check-input" name="kind" value="package"
                        @checked($kind === 'package')> for another shelf: a package (ZIP) with its pages and the whole
                    files that they are printed in, which this program brings in again and others can read</label>
                <label class="leaving__under"><input type="checkbox" class="form-check-input" name="keys" value="1"
                        @checked(old('keys', true))> the package has the key, too</label>
                @error('kind')
                    <p class="field__error" role="alert">{{ $message }}</p>
                @enderror
            </fieldset>
            <div class="field leaving__sheets">
                <label for="sheets">On paper</label>
                <select id="sheets" name="sheets" class="form-select" autocomplete="off">
                    @foreach (['one' => 'one page on a sheet', 'two' => 'two on a sheet', 'four' => 'four on a sheet', 'twice' => 'each page twice on a sheet, to be cut apart', 'booklet' => 'a booklet to be folded'] as $value => $words)
                        <option value="{{ $value }}" @selected(old('sheets', 'one') === $value)>{{ $words }}</option>
                    @endforeach
                </select>
                <div class="field__note">For what is printed; print a booklet on both sides, turned over the short
                    edge.</div>
                @if (Grey::isThere())
                    <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="grey" value="1"
                        @checked(old('grey'))> Without colours, for black ink alone</label>
                @endif
            </div>
            <div class="leaving__pages">
                <x-field name="pages" label="Pages of the PDF" :value="old('pages', $form->pages)"
                    hint="In the order in which you name them. Pages for you alone, and empty ones, are left out at first." />
                @if ($form->covered !== '')
                    <p class="ledger__hint">Something is covered or cut off on {{ str_contains($form->covered, ',') || str_contains($form->covered, '–') ? 'pages' : 'page' }}
                        {{ $form->covered }}: there the print goes along as a picture, so that nobody can lift what
                        covers it.</p>
                @endif
            </div>
            <button class="btn btn-primary">Make it</button>
        </form>
        @include('leaving.made')
    </main>
</x-layout.bench>

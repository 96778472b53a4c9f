{{-- Several worksheets leave as a package. $chosen: those that are to, $made: list of App\View\ExportRow --}}
@use('App\View\Count')
<x-layout.teacher title="Packages" at="shelf" :scripts="['resources/js/leaving.js']">
    <main id="main" class="room leaving">
        <div class="room__head">
            <p><a href="{{ route('shelf') }}">Back to the shelf</a></p>
            <h1>Packages</h1>
            <p>A package is a ZIP of worksheets with their pages, their files and what they were made of. Drop it on a shelf
                to bring it in.</p>
        </div>
        <x-said />
        @if ($chosen->isNotEmpty())
            <form method="post" action="{{ route('packages.store') }}">
                @csrf <x-once />
                <fieldset class="ways">
                    <legend>In it</legend>
                    @foreach ($chosen as $worksheet)
                        <label><input type="checkbox" class="form-check-input" name="worksheets[]"
                                value="{{ $worksheet->id }}" checked> {{ $worksheet->name }},
                            {{ Count::of($worksheet->pages_total, 'page') }}</label>
                    @endforeach
                </fieldset>
                <label class="leaving__tick"><input type="checkbox" class="form-check-input" name="keys" value="1" checked>
                    With their keys</label>
                <button class="btn btn-primary">Make the package</button>
            </form>
        @elseif ($made === [])
            <p class="empty"><b>Nothing is packed.</b> Tick worksheets on the shelf, then press “Package”.</p>
        @endif
        @include('leaving.made')
    </main>
</x-layout.teacher>

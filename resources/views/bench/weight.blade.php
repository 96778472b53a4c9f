{{--
    What a page weighs, and what of it could be lighter. $page: App\Models\WorksheetPage, $weight:
    OpenSlate\Weight\PageWeight, $steps: list of App\Actions\LighterStep
--}}
@use('App\View\PictureAddress')
@use('App\View\WeightWords')
@use('OpenSlate\Weight\PageWeight')
@use('OpenSlate\Weight\WeighedKind')
@php($content = $page->current->page())
@php($name = $page->position === null ? 'this page' : 'page ' . $page->position)
<x-layout.bench :$job :title="'What ' . $name . ' weighs'">
    <main id="main" class="table table--form made">
        <div class="table__head">
            <h2>What {{ $name }} weighs</h2><a href="{{ route('worksheets.show', $page->worksheet_id) }}#contact-{{ $page->id }}">Back to
                the pages</a>
        </div>
        <x-said />
        <p class="ledger__hint">Each student’s device loads {{ WeightWords::of($weight->loaded()) }} for it,
            {{ WeightWords::forClass($weight->loaded()) }} for a class of {{ PageWeight::CLASS_OF }}. It is kept here once,
            however many copies there are.</p>
        <table class="listed weights">
            <thead>
                <tr>
                    <th scope="col">What</th>
                    <th scope="col">Each device</th>
                    <th scope="col">A class of {{ PageWeight::CLASS_OF }}</th>
                </tr>
            </thead>
            <tbody>
                @foreach ($weight->files as $file)
                    <tr>
                        <th scope="row">{{ ucfirst(WeightWords::named($file, $content)) . ($file->kind === WeighedKind::Recording ? ', when it is played' : '') }}
                        </th>
                        <td>{{ WeightWords::of($file->bytes) }}</td>
                        <td>{{ WeightWords::forClass($file->bytes) }}</td>
                    </tr>
                @endforeach
            </tbody>
        </table>
        @if ($steps === [])
            <p class="empty"><b>It is as light as it gets.</b> Its pictures have no more pixels than show, and are written
                as photos are.</p>
        @else
            <form method="post" action="{{ route('weight.lighten', $page) }}" class="lighter">
                @csrf
                <input type="hidden" name="base" value="{{ $page->revision }}">
                <h3>Make it lighter</h3>
                <p class="ledger__hint">Look at each beside what it is now. What you brought in is kept as it is.</p>
                @foreach ($steps as $step)
                    @php($id = 'step-' . $loop->index)
                    <fieldset class="lighter__step">
                        <legend><label><input type="checkbox" class="form-check-input" name="pictures[]"
                                    value="{{ $step->file->sha256 }}" id="{{ $id }}" checked>
                                {{ ucfirst(WeightWords::named($step->file, $content)) }}: saves
                                {{ WeightWords::of($step->saves()) }}, {{ WeightWords::forClass($step->saves()) }} for a
                                class</label></legend>
                        <div class="lighter__beside">
                        <figure><img loading="lazy" alt="As it is now"
                                src="{{ $step->file->kind === WeighedKind::Print ? PictureAddress::page($content->backdrop->source, $content->backdrop->page, 'page') : PictureAddress::of($step->file->sha256) }}">
                            <figcaption>Now: {{ WeightWords::of($step->file->bytes) }}</figcaption>
                        </figure>
                        <figure><img loading="lazy" alt="As it would be"
                                src="{{ route('weight.picture', [$page, $step->made->sha256]) }}">
                            <figcaption>Lighter: {{ WeightWords::of($step->made->bytes) }}</figcaption>
                        </figure>
                        </div>
                    </fieldset>
                @endforeach
                @if ($locked)
                    <p><b>This master is locked,</b> since sets were cut from it. Unlock it on the Pages station to change
                        it, or make the sets lighter.</p>
                @else
                    <button class="btn btn-primary">Make it lighter</button>
                @endif
            </form>
        @endif
    </main>
</x-layout.bench>

<x-layout.bench :$worksheet station="pages" :title="$worksheet->name">
    @php($preparing = $worksheet->state === \App\Models\WorksheetState::Preparing)
    @php($failed = $worksheet->state === \App\Models\WorksheetState::Failed)
    <main id="main" class="table" x-data="contactSheet" data-total="{{ $worksheet->pages_total }}" data-preparing="{{ $preparing ? 'yes' : 'no' }}" data-progress="{{ route('worksheets.progress', $worksheet) }}">
        @if ($failed)
            <div class="notice notice--bad" role="alert"><b>{{ $worksheet->name }} could not be prepared.</b> {{ $worksheet->problem }} <a href="{{ route('shelf') }}">Back to the shelf</a></div>
        @else
            <div class="table__head">
                <h2>Contact sheet</h2>
                <div class="across" role="group" aria-label="Pages across">
                    <span>Across:</span>
                    @foreach ([6, 4, 2] as $across)
                        <button type="button" class="btn btn-plain" data-across="{{ $across }}" aria-pressed="{{ $across === 4 ? 'true' : 'false' }}" x-on:click="spread">{{ $across }}</button>
                    @endforeach
                </div>
            </div>
            <div class="notice" x-show="preparing" @unless ($preparing) x-cloak @endunless>
                <p role="status"><b x-text="words">Preparing the pages</b> <span>You can leave this screen; the work goes on.</span></p>
                <progress max="{{ $worksheet->pages_total }}" x-bind:value="done" value="{{ $worksheet->pages->count() }}" aria-label="Pages prepared"></progress>
            </div>
            <div class="notice notice--bad" role="alert" x-show="problem" x-cloak x-text="problem"></div>
            <ol class="contact contact--4" x-ref="pages" x-on:change="picked">
                @foreach ($worksheet->pages as $row)
                    @include('bench.contact-page')
                @endforeach
            </ol>
        @endif
    </main>
    <aside class="ledger" aria-label="Cut a set">
        @unless ($failed)
            <form method="post" action="{{ route('sets.store', $worksheet) }}" class="ledger__head stack" x-data="cutForm" novalidate>
                @csrf
                <h2>Cut a set</h2>
                <p class="ledger__hint">Tick pages, or type which. {{ $worksheet->isMaster() ? 'The master' : 'This set' }} stays whole.</p>
                <x-field name="pages" label="Pages" :value="''" hint="For example 1-5, 8, 11-" autocomplete="off" x-ref="range" x-on:input="typed" data-range />
                <x-field name="name" label="Name of the set" autocomplete="off" maxlength="120" />
                <p class="ledger__tally" role="status"><span x-text="tally">No pages ticked</span></p>
                <div class="verbs">
                    <button class="btn btn-primary" @disabled($preparing) data-cut>Cut the set</button>
                    <button type="button" class="btn btn-plain" x-on:click="none">Untick all</button>
                </div>
            </form>
            <section class="ledger__body">
                <h2>Sets cut from it</h2>
                @forelse ($worksheet->sets->sortByDesc('id') as $set)
                    <a @class(['set', 'set--new' => session('cut') === $set->id]) href="{{ route('worksheets.show', $set) }}"><b>{{ $set->name }}</b><span>pages {{ $set->cut_from }}</span>@if (session('cut') === $set->id)<em>Just cut</em>@endif</a>
                @empty
                    <p class="ledger__hint">None yet.</p>
                @endforelse
            </section>
        @endunless
    </aside>
</x-layout.bench>

<x-layout.bench :$worksheet station="pages" :title="$worksheet->name">
    @php($preparing = $worksheet->state === \App\Models\WorksheetState::Preparing)
    @php($failed = $worksheet->state === \App\Models\WorksheetState::Failed)
    <main id="main" class="table" x-data="contactSheet" data-roles="{{ route('roles.update', $worksheet) }}" data-sections="{{ route('sections.update', $worksheet) }}" data-total="{{ $worksheet->pages_total }}" data-preparing="{{ $preparing ? 'yes' : 'no' }}" data-progress="{{ route('worksheets.progress', $worksheet) }}">
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
            @if (session('done'))<p class="notice notice--good" role="status">{{ session('done') }}</p>@endif
            <div class="notice notice--bad" role="alert" x-show="problem" x-cloak x-text="problem"></div>
            <ol class="contact contact--4" x-ref="pages" x-on:change="picked">
                @include('bench.contact')
            </ol>
        @endif
    </main>
    <aside class="ledger" aria-label="Cut sets">
        @unless ($failed)
            <div class="ledger__scroll">
            @unless ($preparing)
                <section class="ledger__head" x-data="roleKeys" aria-labelledby="roles-title">
                    <h2 id="roles-title">What ticked pages are for</h2>
                    <div class="roles">
                        @foreach (\OpenSlate\Trim\Role::cases() as $role)
                            <button type="button" class="role" data-role-set="{{ $role->value }}" data-key="{{ strtolower(\App\View\RoleWords::key($role)) }}" x-on:click="set" aria-keyshortcuts="{{ \App\View\RoleWords::key($role) }}">{{ \App\View\RoleWords::of($role) }} <kbd>{{ \App\View\RoleWords::key($role) }}</kbd></button>
                        @endforeach
                    </div>
                    <div class="sectioning">
                        <label for="section-name">Section at the first ticked page</label>
                        <input id="section-name" class="form-control" maxlength="60" autocomplete="off" placeholder="Name, such as Day 3" x-ref="section" x-on:keydown.enter.prevent="start">
                        <div class="verbs">
                            <button type="button" class="btn btn-plain" x-on:click="start">Start here</button>
                            <button type="button" class="btn btn-plain" x-on:click="join">Join to the one before</button>
                        </div>
                    </div>
                    <p class="field__error" role="alert" x-show="problem" x-cloak x-text="problem"></p>
                </section>
            @endunless
            <form method="post" action="{{ route('sets.store', $worksheet) }}" class="ledger__head stack" x-data="cutForm" novalidate>
                @csrf
                <h2>Cut a set</h2>
                <p class="ledger__hint">Tick pages, or type which. {{ $worksheet->isMaster() ? 'The master' : 'This set' }} stays whole.</p>
                <x-field name="pages" label="Pages" :value="''" hint="For example 1-5, 8, 11-" autocomplete="off" x-ref="range" x-on:input="typed" data-range />
                <x-field name="name" label="Name of the set" autocomplete="off" maxlength="120" />
                <p class="ledger__tally" role="status"><span x-text="tally">No pages ticked</span></p>
                <p class="field__error" x-show="warns" x-cloak><span x-text="warning"></span> <button type="button" class="btn btn-plain" x-on:click="onlyStudents">Leave them out</button></p>
                <div class="verbs">
                    <button class="btn btn-primary" @disabled($preparing) data-cut>Cut the set</button>
                    <button type="button" class="btn btn-plain" x-on:click="none">Untick all</button>
                </div>
            </form>
            @unless ($preparing)
                <form method="post" action="{{ route('cuts.store', $worksheet) }}" class="ledger__head" x-data="cutMany" data-preview="{{ route('cuts.preview', $worksheet) }}" novalidate>
                    @csrf
                    <h2>Cut many at once</h2>
                    @error('by')<p class="field__error" role="alert">{{ $message }}</p>@enderror
                    <div class="ways">
                        <label><input type="radio" class="form-check-input" name="by" value="section" x-on:change="choose"> one set for each section</label>
                        <label><input type="radio" class="form-check-input" name="by" value="every" x-on:change="choose"> every <input type="number" class="form-control ways__every" name="every" value="5" min="1" max="300" aria-label="Pages in a set" x-on:input="choose"> pages</label>
                        <label><input type="radio" class="form-check-input" name="by" value="blank" x-on:change="choose"> at empty pages</label>
                        <label><input type="checkbox" class="form-check-input" name="unknown" value="1" x-on:change="choose"> with pages marked “not sure”</label>
                    </div>
                    <div class="field" x-show="chosen" x-cloak><label for="pattern">Names</label><input id="pattern" name="pattern" class="form-control" maxlength="120" autocomplete="off" aria-describedby="pattern-note" x-on:input="wait"><div id="pattern-note" class="field__note">{master} {section} {first} {last} {n} are filled in</div></div>
                    <div x-ref="preview" aria-live="polite"></div>
                </form>
            @endunless
            <section class="ledger__body">
                @if ($worksheet->sets->isNotEmpty())
                    @php($cut = $worksheet->sets->flatMap(fn ($set) => \OpenSlate\Trim\PageRange::parse($set->cut_from, $worksheet->pages_total))->all())
                    @php($left = array_values(array_diff(range(1, $worksheet->pages_total), $cut)))
                    <p class="ledger__hint">{{ $left === [] ? 'Every page is in a set.' : 'In no set: pages '.\OpenSlate\Trim\PageRange::format($left).'.' }}</p>
                @endif
                @php($linked = $worksheet->pages->filter(fn ($page) => ($page->links ?? []) !== []))
                @if ($linked->isNotEmpty())
                    <details class="links"><summary>Links on its pages: {{ $linked->sum(fn ($page) => count($page->links)) }}</summary>
                        <ul>@foreach ($linked as $page)@foreach ($page->links as $link)<li><b>Page {{ $page->position }}</b> {{ $link['words'] }}<br><span>{{ $link['target'] }}</span></li>@endforeach @endforeach</ul>
                    </details>
                @endif
                <h2>Sets cut from it</h2>
                @forelse ($worksheet->sets->sortByDesc('id') as $set)
                    <a @class(['set', 'set--new' => session('cut') === $set->id]) href="{{ route('worksheets.show', $set) }}"><b>{{ $set->name }}</b><span>pages {{ $set->cut_from }}</span>@if (session('cut') === $set->id)<em>Just cut</em>@endif</a>
                @empty
                    <p class="ledger__hint">None yet.</p>
                @endforelse
            </section>
            </div>
        @endunless
    </aside>
</x-layout.bench>

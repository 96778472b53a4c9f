@use('App\Models\WorksheetState')
@use('App\View\ContactSheet')
@use('App\View\Count')
@use('App\View\FileTypes')
@use('App\View\OriginWords')
@use('App\View\RoleWords')
@use('App\View\ShelfRow')
@use('OpenSlate\Packs\Role')
@php($preparing = $worksheet->state === WorksheetState::Preparing)
@php($failed = $worksheet->state === WorksheetState::Failed)
@php($ready = !$preparing && !$failed)
<x-layout.bench :$job :title="$worksheet->name" :scripts="$ready ? $job->at->scripts($locked) : []">
    <main id="main" class="table" data-scrolls="pages {{ $worksheet->id }}" x-data="contactSheet" data-total="{{ $worksheet->pages_total }}"
        data-preparing="{{ $preparing ? 'yes' : 'no' }}" data-progress="{{ route('worksheets.progress', $worksheet) }}"
        @if ($ready)
            data-arranging="{{ route('pages.index', $worksheet) }}" data-arranged="{{ $worksheet->arranged }}"
            data-undo="{{ $worksheet->arrangement?->undo_to === null ? 'no' : 'yes' }}"
            data-redo="{{ $worksheet->arrangement?->redo_to === null ? 'no' : 'yes' }}"
            data-looking="{{ $worksheet->stage?->value }}"
        @endif>
        @if ($failed)
            <div class="notice notice--bad" role="alert"><b>{{ $worksheet->name }} could not be prepared.</b>
                {{ $worksheet->problem }}
                <form class="verbs" method="post" action="{{ route('bin.store', $worksheet) }}">@csrf
                    @method('delete')<button class="btn btn-plain">Put it in the bin</button> <a
                        href="{{ route('shelf') }}">Back to the shelf</a></form>
            </div>
        @else
            <div class="table__head table__head--stuck">
                <h2>Contact sheet</h2>
                @if ($ready)
                    <div class="verbs">
                        <button type="button" class="btn btn-icon" data-do="undo" title="Undo (Ctrl+Z)"
                            aria-label="Undo" disabled><x-icon name="undo" /></button>
                        <button type="button" class="btn btn-icon" data-do="redo" title="Redo (Ctrl+Shift+Z)"
                            aria-label="Redo" disabled><x-icon name="redo" /></button>
                        @unless ($locked)
                            <button type="button" class="btn btn-plain" data-do="add">Add pages</button>
                        @endunless
                        <button type="button" class="btn btn-plain" data-do="keys">Keys</button>
                    </div>
                @endif
                <div class="across" role="group" aria-label="Pages across">
                    <span>Across:</span>
                    @foreach ([6, 4, 2] as $across)
                        <button type="button" class="btn btn-plain" data-across="{{ $across }}"
                            aria-pressed="{{ $across === 4 ? 'true' : 'false' }}"
                            x-on:click="spread">{{ $across }}</button>
                    @endforeach
                </div>
                @if ($ready && !$locked)
                    <div class="verbs verbs--row" role="group" aria-label="With the ticked pages">
                        @foreach (ContactSheet::VERBS as $verb => [$words, $key])
                            <button type="button" class="btn btn-plain" data-do="{{ $verb }}" data-for-ticked
                                disabled
                                title="{{ $words }} the ticked pages{{ $key ? " ({$key})" : '' }}">{{ $words }}</button>
                        @endforeach
                    </div>
                @endif
            </div>
            @if ($ready)
                @include('bench.lock')
                <div class="notice" data-reading @if (($reading = ContactSheet::reading($worksheet)) === '') hidden @endif>
                    <p>{{ $reading }}</p>
                </div>
                @foreach ($documents as $document)
                    <div class="notice locked">
                        <p>{{ OriginWords::made($document) }}</p>
                        <a class="btn btn-plain" href="{{ route('documents.show', $worksheet) }}">{{ OriginWords::look($document) }}</a>
                    </div>
                @endforeach
            @endif
            <div class="notice" x-show="preparing" @unless ($preparing) x-cloak @endunless>
                <p role="status"><b x-text="words">Preparing the pages</b> <span>You can leave this screen; the work
                        goes on.</span></p>
                <progress max="{{ max(1, $worksheet->pages_total) }}" x-bind:max="total"
                    x-bind:value="done" value="{{ $worksheet->pages->count() }}"
                    aria-label="Pages prepared"></progress>
            </div>
            <div data-arriving="{{ json_encode(ContactSheet::arriving($worksheet)) }}"></div>
            <x-said />
            <div class="notice notice--bad" role="alert" x-show="problem" x-cloak x-text="problem"></div>
            <div class="notice notice--bad" data-page-problem hidden>
                <p role="alert" data-page-problem-words></p><button type="button" class="btn btn-plain"
                    data-page-problem-close>Close</button>
            </div>
            <p class="visually-hidden" role="status" data-page-said></p>
            <ol class="contact contact--4" x-ref="pages" x-on:change="picked" data-contact data-bench="{{ route('bench', $worksheet) }}">
                @include('bench.contact')
            </ol>
            <div class="notice notice--offer" role="group" aria-label="Pages that look the same" data-alike hidden></div>
        @endif
    </main>
    <aside class="ledger" aria-label="Roles, sections and sets">
        @unless ($failed)
            <div class="ledger__scroll">
                @if ($ready)
                    <section class="ledger__head" data-roles aria-labelledby="roles-title">
                        <h2 id="roles-title">What ticked pages are for</h2>
                        <div class="roles">
                            @foreach (Role::cases() as $role)
                                <button type="button" class="role" data-role-set="{{ $role->value }}"
                                    data-key="{{ strtolower(RoleWords::key($role)) }}"
                                    aria-keyshortcuts="{{ RoleWords::key($role) }}">{{ RoleWords::of($role) }}
                                    <kbd>{{ RoleWords::key($role) }}</kbd></button>
                            @endforeach
                            <button type="button" class="role" data-tie
                                title="Tick the key pages and the pages that they answer">key of the others</button>
                        </div>
                        <div data-doubts>@include('bench.doubts')</div>
                        <div class="sectioning">
                            <label for="section-name">Section at the first ticked page</label>
                            <input id="section-name" class="form-control" maxlength="60" autocomplete="off"
                                placeholder="Name, such as Day 3" data-section-name>
                            <div class="verbs">
                                <button type="button" class="btn btn-plain" data-section-start>Start here</button>
                                <button type="button" class="btn btn-plain" data-section-join>Join to the one
                                    before</button>
                            </div>
                        </div>
                    </section>
                @endif
                <form method="post" action="{{ route('sets.store', $worksheet) }}" class="ledger__head stack"
                    x-data="cutForm" novalidate>
                    @csrf<x-once />
                    <h2>Cut a set</h2>
                    <p class="ledger__hint">Tick pages, drag along the strip under them, or type which.
                        {{ $worksheet->isMaster() ? 'The master' : 'This set' }} stays whole.</p>
                    <x-field name="pages" label="Pages" :value="''" hint="For example 1-5, 8, 11-"
                        autocomplete="off" x-ref="range" x-on:input="typed" data-range />
                    <div data-asks @if (!ContactSheet::knowsQuestions($worksheet)) hidden @endif>
                        <x-field name="questions" label="Only some of their questions" autocomplete="off"
                            maxlength="200" hint="For example 1-4, 7, or odd; empty for whole pages" />
                        <label class="asks__apart"><input type="checkbox" class="form-check-input" name="apart"
                                value="1" @checked(old('apart'))> a set for each of them, one a day</label>
                    </div>
                    <x-field name="name" label="Name of the set" autocomplete="off" maxlength="120" />
                    <p class="ledger__tally" role="status"><span x-text="tally">No pages ticked</span></p>
                    <p class="ledger__warning" role="status" x-show="again" x-cloak x-text="again"></p>
                    <p class="field__error" x-show="warns" x-cloak><span x-text="warning"></span> <button type="button"
                            class="btn btn-plain" x-on:click="onlyStudents">Leave them out</button></p>
                    <div class="verbs">
                        <button class="btn btn-primary" @disabled($preparing) data-cut>Cut the set</button>
                        <button type="button" class="btn btn-plain" x-on:click="none">Untick all</button>
                    </div>
                </form>
                @if ($ready)
                    <form method="post" action="{{ route('cuts.store', $worksheet) }}" class="ledger__head"
                        x-data="cutMany" data-preview="{{ route('cuts.preview', $worksheet) }}" novalidate>
                        @csrf<x-once />
                        <h2>Cut many at once</h2>
                        @error('by')
                            <p class="field__error" role="alert">{{ $message }}</p>
                        @enderror
                        <div class="ways">
                            <label><input type="radio" class="form-check-input" name="by" value="section"
                                    x-on:change="choose"> one set for each section</label>
                            <label><input type="radio" class="form-check-input" name="by" value="every"
                                    x-on:change="choose"> every <input type="number" class="form-control ways__every"
                                    name="every" value="5" min="1" max="300"
                                    aria-label="Pages in a set" x-on:input="choose"> pages</label>
                            <label><input type="radio" class="form-check-input" name="by" value="blank"
                                    x-on:change="choose"> at empty pages</label>
                            <label><input type="checkbox" class="form-check-input" name="unknown" value="1"
                                    x-on:change="choose"> with pages marked “not sure”</label>
                            <label><input type="checkbox" class="form-check-input" name="again" value="1"
                                    x-on:change="choose"> again what is cut already</label>
                        </div>
                        <div class="field" x-show="chosen" x-cloak><label for="pattern">Named by</label><select
                                id="pattern" name="pattern" class="form-select" autocomplete="off"
                                x-on:change="wait"></select>
                        </div>
                        <div x-ref="preview" aria-live="polite"></div>
                    </form>
                @endif
                <section class="ledger__body">
                    <p class="ledger__hint" data-left-out>{{ $sheet->leftOut() }}</p>
                    <div data-links-list>@include('bench.links')</div>
                    <div data-weight>@include('bench.weight-summary')</div>
                    @if ($ready)
                        @php($words = $worksheet->board === null ? 'Make a choice board' : 'Change the choice board')
                        <p><a href="{{ route('boards.edit', $worksheet) }}">{{ $words }}</a></p>
                    @endif
                    <h2>Sets cut from it</h2>
                    @forelse (ShelfRow::inOrder($worksheet->sets) as $set)
                        <a @class(['set', 'set--new' => session('cut') === $set->id])
                            href="{{ route('worksheets.show', $set) }}"><b>{{ $set->name }}</b>
                            <span>{{ lcfirst(OriginWords::pages($set) ?? 'no page of it is left') }}</span>
                            @if (session('cut') === $set->id)
                                <em>Just cut</em>
                            @endif
                        </a>
                    @empty
                        <p class="ledger__hint">None yet.</p>
                    @endforelse
                </section>
            </div>
        @endunless
    </aside>
    @if ($ready)
        <div class="footbar" data-footbar><button type="button" class="btn btn-plain" data-sheet-up=".ledger__head"
                aria-expanded="false">Roles, sections and sets</button></div>
        <dialog class="keys" data-keys-list aria-labelledby="keys-title">
            <h2 id="keys-title" tabindex="-1" autofocus>Keys</h2>
            <dl>
                @foreach (ContactSheet::KEYS as $keys => $does)
                    <div>
                        <dt>{{ $keys }}</dt>
                        <dd>{{ $does }}</dd>
                    </div>
                @endforeach
            </dl>
            <form method="dialog"><button class="btn btn-primary">Close</button></form>
        </dialog>
        <dialog class="panel" data-paper-dialog aria-labelledby="paper-title">
            <h2 id="paper-title" tabindex="-1" autofocus>Paper of the ticked pages</h2>
            <form method="dialog" novalidate>
                @include('bench.paper-fields', ['id' => 'change'])
                <fieldset class="ways">
                    <legend class="visually-hidden">What is on the pages</legend>
                    <label><input type="radio" class="form-check-input" name="fit" value="scale" checked>
                        grows or shrinks with the paper</label>
                    <label><input type="radio" class="form-check-input" name="fit" value="keep"> keeps its
                        size, from the top left</label>
                </fieldset>
                <p class="notice" data-paper-said role="status"></p>
                <div class="verbs"><button type="submit" class="btn btn-primary" data-paper-apply>Change the
                        paper</button><button type="button" class="btn btn-plain" data-close-dialog>Leave it</button>
                </div>
            </form>
        </dialog>
        <dialog class="panel panel--page" data-questions-dialog aria-labelledby="asked-title"></dialog>
        <dialog class="panel" data-add-dialog aria-labelledby="add-title">
            <h2 id="add-title" tabindex="-1" autofocus>Add pages</h2>
            <form method="dialog" novalidate>
                <div class="field"><label for="add-before">Where</label><select id="add-before" class="form-select"
                        name="before" data-add-before></select></div>
                <fieldset class="ways ways--tabs">
                    <legend class="visually-hidden">From where</legend>
                    <label><input type="radio" class="form-check-input" name="from-where" value="file" checked>
                        from files</label>
                    <label><input type="radio" class="form-check-input" name="from-where" value="worksheet"
                            @disabled($others->isEmpty())> from another worksheet</label>
                    <label><input type="radio" class="form-check-input" name="from-where" value="blank">
                        blank</label>
                </fieldset>
                <div data-add-way="file">
                    <div class="field"><label for="add-files">Files, in the order in which they go in</label><input
                            id="add-files" type="file" class="form-control" accept="{{ FileTypes::ACCEPTED }}"
                            multiple data-add-files data-url="{{ route('files.store', $worksheet) }}"></div>
                </div>
                <div data-add-way="worksheet" hidden>
                    <div class="field"><label for="add-from">Worksheet</label><select id="add-from" name="from"
                            class="form-select">
                            @foreach ($others as $other)
                                <option value="{{ $other->id }}">{{ $other->name }}
                                    ({{ Count::of($other->pages_total, 'page') }})
                                </option>
                            @endforeach
                        </select></div>
                    <div class="field"><label for="add-range">Which of its pages</label><input id="add-range"
                            name="range" class="form-control" value="1-" autocomplete="off"
                            aria-describedby="add-range-note">
                        <div id="add-range-note" class="field__note">For example 1-5, 8, 11-</div>
                    </div>
                </div>
                <div data-add-way="blank" hidden>
                    @include('bench.paper-fields', ['id' => 'blank', 'themes' => true])
                    <div class="field"><label for="add-count">How many</label><input id="add-count" name="count"
                            type="number" min="1" max="50" value="1" class="form-control"></div>
                </div>
                <p class="field__error" role="alert" data-add-problem></p>
                <progress max="100" value="0" data-add-progress hidden aria-label="Upload"></progress>
                <div class="verbs"><button type="submit" class="btn btn-primary">Add them</button><button
                        type="button" class="btn btn-plain" data-close-dialog>Close</button></div>
            </form>
        </dialog>
    @endif
</x-layout.bench>

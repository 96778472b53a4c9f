{{--
    What may look otherwise on pages that were made of documents, and what was cut out of photos. $documents:
    App\Models\Original, $replaced: the ids of those whose pages would be replaced
--}}
@use('App\View\LayoutWords')
@php($hasPhotos = $documents->contains(fn($one) => $one->pictures !== null))
<x-layout.bench :$job :title="'What it was made from: ' . $worksheet->name" :scripts="$hasPhotos ? ['resources/js/cut-out.js'] : []">
    <main id="main" class="table table--form made">
        <div class="table__head">
            <h2>{{ $hasPhotos ? 'Photos and pages' : 'Against the document' }}</h2><a href="{{ route('worksheets.show', $worksheet) }}">Back to the pages</a>
        </div>
        @error('cuts')
            <div class="notice notice--bad" role="alert">{{ $message }}</div>
        @enderror
        @if ($documents->isEmpty())
            <p class="empty"><b>These pages are as they came.</b> Nothing had to be made into pages for them.</p>
        @else
            <p class="ledger__hint">{{ $hasPhotos
                ? 'The pages were cut out of the photos and laid flat. Move a corner where it is not right; the photos themselves are kept untouched.'
                : 'These pages were made here, with the fonts that are here. Look whether they are as you know the document; it is itself kept untouched.' }}
            </p>
            @if ($documents->contains(fn($one) => $one->seen_at === null))
                <form method="post" action="{{ route('documents.seen', $worksheet) }}">@csrf<button
                        class="btn btn-primary">It can be used so</button></form>
            @endif
        @endif
        @foreach ($documents as $document)
            <section class="made__document" aria-labelledby="made-{{ $document->id }}">
                <h3 id="made-{{ $document->id }}">{{ $document->name }}</h3>
                <p><a href="{{ route('documents.original', [$worksheet, $document]) }}">Fetch the {{ $document->pictures === null ? 'document' : 'picture' }}
                        as you brought it in</a></p>
                @if ($document->pictures !== null)
                    @include('bench.cut-out', ['replaces' => in_array($document->id, $replaced, true)])
                @else
                <div class="made__beside">
                    <div>
                        @if ($document->findings() === [])
                            <p>Nothing seems to look otherwise: its fonts are here, its pages are as many as it says, nothing runs
                                over an edge.</p>
                        @else
                            <ul class="made__list">
                                @foreach ($document->findings() as $finding)
                                    <li><b>{{ LayoutWords::kind($finding->kind) }}</b>
                                        <span>{{ $finding->words }}
                                            @if ($finding->page !== null)
                                                <small>Page {{ $finding->page }} of the document.</small>
                                            @endif
                                        </span>
                                    </li>
                                @endforeach
                            </ul>
                        @endif
                    </div>
                    <ol class="made__pages" aria-label="Its pages">
                        @foreach ($document->sourcePages() as $page)
                            <li><img src="{{ route('backdrops.show', [$document->sha256, $page->number, 'page']) }}" loading="lazy"
                                    alt="Page {{ $page->number }} of {{ $document->name }}"
                                    width="{{ (int) $page->size->width }}" height="{{ (int) $page->size->height }}">
                                <small>{{ $page->number }}</small>
                            </li>
                        @endforeach
                    </ol>
                </div>
                @php($replaces = in_array($document->id, $replaced, true))
                <details class="made__anew">
                    <summary>Make the pages otherwise</summary>
                    <form method="post" action="{{ route('documents.anew', [$worksheet, $document]) }}">@csrf<x-once />
                        <fieldset>
                            <legend>Tracked changes</legend>
                            <label><input type="radio" class="form-check-input" name="changes" value="0"
                                    @checked(!$document->documentChoices()->changes)> taken as accepted</label>
                            <label><input type="radio" class="form-check-input" name="changes" value="1"
                                    @checked($document->documentChoices()->changes)> shown, with what was deleted</label>
                        </fieldset>
                        <fieldset>
                            <legend>Comments</legend>
                            <label><input type="radio" class="form-check-input" name="comments" value="0"
                                    @checked(!$document->documentChoices()->comments)> left out</label>
                            <label><input type="radio" class="form-check-input" name="comments" value="1"
                                    @checked($document->documentChoices()->comments)> printed in the margin</label>
                        </fieldset>
                        @if ($replaces)
                            <p>Nothing is laid on these pages yet: the new ones take their place.</p>
                            <button class="btn btn-plain">Make them anew</button>
                        @else
                            <p>Something was done with these pages already. They stay as they are; the new ones become a
                                worksheet of their own beside this one.</p>
                            <button class="btn btn-plain">Make another worksheet of it</button>
                        @endif
                    </form>
                </details>
                @endif
            </section>
        @endforeach
    </main>
</x-layout.bench>

{{-- The photos of $document, with the corners that were cut along, and the pages that came of them. --}}
@use('OpenSlate\Scan\ScanPaper')
@php($choices = $document->scanChoices())
<div class="photos">
    <form method="post" action="{{ route('documents.anew', [$worksheet, $document]) }}" data-cuts>@csrf<x-once />
        <input type="hidden" name="cuts" value="[]" data-cuts-said>
        <div class="photos__how">
            <label>Colours <select class="form-select" name="colour">
                    <option value="1" @selected($choices->colour)>as they are</option>
                    <option value="0" @selected(!$choices->colour)>grey</option>
                </select></label>
            <label>Light <select class="form-select" name="even">
                    <option value="1" @selected($choices->even)>evened out, on white paper</option>
                    <option value="0" @selected(!$choices->even)>as it fell</option>
                </select></label>
            <label>Paper <select class="form-select" name="paper">
                    <option value="">as its proportions tell</option>
                    <option value="{{ ScanPaper::A4->value }}" @selected($choices->paper === ScanPaper::A4)>A4</option>
                    <option value="{{ ScanPaper::Letter->value }}" @selected($choices->paper === ScanPaper::Letter)>Letter</option>
                    <option value="{{ ScanPaper::AsItIs->value }}" @selected($choices->paper === ScanPaper::AsItIs)>as it was cut</option>
                </select></label>
            <div>
                <button class="btn btn-plain">{{ $replaces ? 'Make the pages so' : 'Make another worksheet of it' }}</button>
                @unless ($replaces)
                    <p class="field__note">Something was done with these pages already; they stay as they are.</p>
                @endunless
            </div>
        </div>
        @foreach ($document->scanned() as $picture)
            <section class="photo" data-cut="{{ $loop->iteration }}" aria-label="Photo {{ $loop->iteration }}"
                data-found="{{ json_encode($picture->found) }}" data-corners="{{ json_encode($picture->cut->corners) }}">
                <div class="photo__photo">
                    <img src="{{ route('pictures.show', $picture->file) }}" alt="Photo {{ $loop->iteration }} of {{ $document->name }}"
                        width="{{ $picture->width }}" height="{{ $picture->height }}" data-cut-picture>
                    <svg class="photo__lines" viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
                        <polygon data-cut-lines points=""></polygon>
                    </svg>
                    @foreach (['top left', 'top right', 'bottom right', 'bottom left'] as $corner)
                        <button type="button" class="photo__corner" data-cut-corner
                            aria-label="Corner {{ $corner }} of photo {{ $loop->parent->iteration }}; arrow keys move it"></button>
                    @endforeach
                    <div class="photo__glass" data-cut-glass hidden aria-hidden="true"></div>
                </div>
                <div class="verbs">
                    <button type="button" class="btn btn-plain" data-cut-found @disabled($picture->found === null)>As proposed</button>
                    <button type="button" class="btn btn-plain" data-cut-whole>The whole photo</button>
                    <label><input type="checkbox" class="form-check-input" data-cut-spread @checked($picture->cut->isSpread)>
                        two pages beside each other</label>
                </div>
                @if ($picture->found === null)
                    <p class="field__note">Where the sheet ends in this photo could not be told for sure.</p>
                @endif
                <p class="visually-hidden" role="status" data-cut-told></p>
            </section>
        @endforeach
    </form>
    <ol class="made__pages" aria-label="Its pages">
        @foreach ($document->sourcePages() as $page)
            <li><img src="{{ route('backdrops.show', [$document->sha256, $page->number, 'page']) }}" loading="lazy"
                    alt="Page {{ $page->number }} of {{ $document->name }}" width="{{ (int) $page->size->width }}"
                    height="{{ (int) $page->size->height }}">
                <small>{{ $page->number }}</small>
            </li>
        @endforeach
    </ol>
</div>

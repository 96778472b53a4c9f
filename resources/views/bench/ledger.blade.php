{{-- What is proposed for the page, and everything on it in reading order. $page, $proposals: Blank[] or null --}}
@if ($proposals === null)
    <p class="ledger__hint">Still looking for blanks on this page. Reload it in a moment.</p>
@elseif ($proposals !== [])
    <section class="proposed" aria-labelledby="proposed-title">
        <h2 id="proposed-title">{{ \App\View\JobState::count(count($proposals), 'blank') }} found here</h2>
        <div class="verbs">
            <button type="button" class="btn btn-primary" data-blanks="take">Take {{ count($proposals) === 1 ? 'it' : 'all '.count($proposals) }}</button>
            <button type="button" class="btn btn-plain" data-blanks="refuse">Refuse {{ count($proposals) === 1 ? 'it' : 'all' }}</button>
        </div>
    </section>
@endif
@php($tags = \OpenSlate\Page\Tags::of($page))
<h2>On this page</h2>
@if ($tags === [])
    <p class="ledger__hint">Nothing yet. The printed page stays as it is; what you lay over it stands here.</p>
@endif
<ol class="rows">
    @foreach ($tags as $id => $tag)
        @php($element = $page->element((string) $id))
        <li class="row-of row-of--{{ $element->kind()->value }}" data-row="{{ $id }}">
            <button type="button" class="row-of__tag" data-row-select aria-pressed="false" aria-label="Select {{ $tag }}">{{ $tag }}</button>
            @if ($element instanceof \OpenSlate\Page\AnswerBox)
                <input class="row-of__words" data-row-trait="prompt" value="{{ $element->prompt }}" maxlength="200" aria-label="Prompt of {{ $tag }}" placeholder="Prompt">
            @elseif ($element instanceof \OpenSlate\Page\Label)
                <input class="row-of__words" data-row-trait="text" value="{{ str_replace("\n", ' ', $element->text) }}" maxlength="2000" aria-label="Words of {{ $tag }}" placeholder="Words" @readonly(str_contains($element->text, "\n"))>
            @else
                <span class="row-of__words row-of__words--plain">{{ \App\View\ElementWords::of($element) }}</span>
            @endif
        </li>
    @endforeach
</ol>

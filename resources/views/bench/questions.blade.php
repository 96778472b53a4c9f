{{-- A page with the questions of its print, to be marked otherwise. $row: App\Models\WorksheetPage, $asked: App\View\AskedOnPage --}}
@use('OpenSlate\Questions\MendedQuestions')
<h2 id="asked-title" tabindex="-1">Questions of page {{ $row->position }}</h2>
<form class="asked-of" data-asked-form data-page="{{ $row->id }}" data-mended="{{ $asked->areMended ? 'yes' : 'no' }}"
    data-questions="{{ json_encode($asked->forScripts()) }}" novalidate>
    <div class="asked-of__page" style="--ratio: {{ $asked->content->size->width / $asked->content->size->height }}">
        <x-page.sheet answers :page="$asked->content" :number="$row->position" sizes="600px" />
        <div class="asked-of__regions" data-regions data-width="{{ $asked->content->size->width }}"
            data-height="{{ $asked->content->size->height }}"></div>
    </div>
    <div class="asked-of__list">
        <p class="ledger__hint" id="asked-how">Draw a rectangle on the page where a question is missing. Drag one to move
            it, and its edges to make it larger or smaller; or choose it and press the arrow keys, with Shift for its
            right and lower edge.</p>
        <ol data-asked-rows></ol>
        <p class="ledger__hint" data-asked-none>No question is marked on this page.</p>
        <div class="verbs"><button type="button" class="btn btn-plain" data-asked-add>Add one</button></div>
        <p class="field__error" role="alert" data-asked-problem></p>
        <div class="verbs">
            <button type="submit" class="btn btn-primary">Keep these</button>
            @if ($asked->areMended)
                <button type="button" class="btn btn-plain" data-asked-found>As they were found</button>
            @endif
            <button type="button" class="btn btn-plain" data-asked-close>Leave it</button>
        </div>
    </div>
    <template data-region-template>
        <div class="asked-of__region" role="group" tabindex="0" aria-describedby="asked-how"><b></b></div>
    </template>
    <template data-row-template>
        <li><label>Question <input class="form-control" maxlength="{{ MendedQuestions::LONGEST_NUMBER }}"
                    autocomplete="off" spellcheck="false"></label> <button type="button" class="btn btn-plain"
                data-asked-join>Join to the one before</button> <button type="button" class="btn btn-plain"
                data-asked-out>Take out</button></li>
    </template>
</form>

@use('App\View\PassageWords')
@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
@php($style = "--size:{$box->size}")
@if ($mode === 'copy')
    <span class="answer passage__shown" style="{{ $style }}" data-passage-shown="{{ $place }}"
        aria-hidden="true"><x-page.changes :$form :$text /></span>
    <textarea dir="auto" class="answer passage" style="{{ $style }}" data-place="{{ $place }}" data-kind="passage"
        data-wrong="{{ $form->wrong }}" aria-label="{{ $said }}: mend these sentences"
        spellcheck="{{ $form->spelling ? 'true' : 'false' }}"
        @unless ($form->spelling) autocorrect="off" autocapitalize="off" @endunless autocomplete="off"
        maxlength="3000" @readonly($closed)>{{ "\n" . $form->mended($text) }}</textarea>
    @unless ($closed)
        <button type="button" class="passage__count" data-passage-open="{{ $place }}" aria-haspopup="dialog"
            aria-label="Your changes to {{ $said }}">{{ PassageWords::changes($form, $text) }}</button>
    @endunless
@elseif ($mode === 'bench')
    @php($words = $form->wrong === '' ? 'Passage to correct: type it at the right.' : $form->wrong)
    <span class="answer answer--prompt answer--passage" style="{{ $style }}">{{ $words }}</span>
@elseif ($mode !== 'form')
    <span class="answer answer--passage" style="{{ $style }}"><x-page.changes :$form :$text /></span>
@endif

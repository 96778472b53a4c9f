@use('App\View\TextStyle')
@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
@php($style = "--size:{$box->size}" . TextStyle::ruled($form->ruling, $box))
@php($asked = trim($box->shownPrompt() . ($form->limit === null ? '' : ' (' . $form->limit->words() . ')')))
@if ($mode === 'copy')
    <input dir="auto" @class(['answer', 'answer--ruled' => $form->ruling]) style="{{ $style }}" data-place="{{ $place }}"
        aria-label="{{ $said }}" placeholder="{{ $asked }}" maxlength="{{ $form->longest() }}"
        autocomplete="off" enterkeyhint="next" value="{{ $text }}"
        @if ($form->limit) aria-describedby="limit-{{ $place }}" @endif @readonly($closed)>
    <x-page.limit :$form :$place :$text />
@elseif ($mode === 'bench')
    <span @class(['answer answer--prompt', 'answer--ruled' => $form->ruling]) style="{{ $style }}">{{ $asked }}</span>
@else
    <span dir="auto" @class(['answer answer--typed', 'answer--ruled' => $form->ruling]) style="{{ $style . ($mode === 'paper' ? TextStyle::shrunk($box, $text) : '') }}">{{ $text }}</span>
@endif

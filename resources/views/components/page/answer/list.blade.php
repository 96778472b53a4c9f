@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
@php($asked = $box->shownPrompt() === '' ? implode(' / ', $form->options) : $box->shownPrompt())
@if ($mode === 'copy')
    <select dir="auto" class="answer answer--list" style="--size:{{ $box->size }}" data-place="{{ $place }}" data-kind="list"
        aria-label="{{ $said }}" autocomplete="off" @disabled($closed)>
        <option value="">{{ $box->shownPrompt() === '' ? 'Choose' : $box->shownPrompt() }}</option>
        @foreach ($form->options as $option)
            <option @selected($option === $text)>{{ $option }}</option>
        @endforeach
    </select>
@elseif ($mode === 'paper' && $text === '')
    <span class="answer answer--by-hand" style="--size:{{ $box->size }}">{{ implode(' / ', $form->options) }}</span>
@else
    <span @class([
        'answer',
        'answer--prompt' => $mode === 'bench',
        'answer--typed' => $mode !== 'bench',
        'answer--list' => $mode === 'bench',
    ])
        style="--size:{{ $box->size }}">{{ $mode === 'bench' ? $asked : $text }}</span>
@endif

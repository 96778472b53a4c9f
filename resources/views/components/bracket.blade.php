{{--
    A piece of the sentence: words that open up into what they are made of, and close into words again. $name, $words,
    $says (what is opened, for those who hear it), $open, $problems (of these fields)
--}}
@props(['name', 'words', 'says', 'fields' => []])
@php($problems = array_filter(array_map(fn($field) => $errors->first($field), $fields)))
<button type="button" @class(['sentence__part', 'sentence__part--bad' => $problems !== []]) data-bracket="{{ $name }}"
    aria-expanded="{{ $problems === [] ? 'false' : 'true' }}" aria-controls="bracket-{{ $name }}"
    title="{{ $says }}" data-words="{{ $name }}">{{ $words }}</button>
{{ $after ?? '' }}
<fieldset class="opened" id="bracket-{{ $name }}" data-opened="{{ $name }}" data-fields="{{ implode(' ', $fields) }}"
    @if ($problems === []) hidden @endif>
    <legend>{{ $says }}</legend>
    {{ $slot }}
    <button type="button" class="btn btn-plain opened__close" data-close-bracket>Done</button>
    {{-- Last: it comes while one chooses, and moves nothing that is about to be pressed. --}}
    <p class="field__error" role="alert" data-problem-of="{{ $name }}">{{ implode(' ', array_unique($problems)) }}</p>
</fieldset>

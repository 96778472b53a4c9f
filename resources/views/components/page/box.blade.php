@props(['element', 'mode', 'tag', 'z', 'place', 'text', 'closed'])
@php($lines = $element->answer === \OpenSlate\Page\AnswerForm::Lines)
<x-page.frame :$element :$mode :$tag :$z :name="($lines ? 'answer box of several lines' : 'answer box').($element->prompt === '' ? '' : ': '.$element->prompt)"
    :class="implode(' ', array_filter([$lines ? 'element--lines' : 'element--short', $element->cover ? 'element--cover' : '', $element->outline ? 'element--outline' : '']))">
    @php($said = $element->prompt === '' ? 'Answer '.substr($tag, 1) : $element->prompt)
    @if ($mode === 'copy' && $lines)
        <textarea class="answer" style="--size:{{ $element->size }}" data-place="{{ $place }}" aria-label="{{ $said }}" placeholder="{{ $element->prompt }}" maxlength="{{ $element->answer->longest() }}" autocomplete="off" @readonly($closed)>{{ "\n".$text }}</textarea>
    @elseif ($mode === 'copy')
        <input class="answer" style="--size:{{ $element->size }}" data-place="{{ $place }}" aria-label="{{ $said }}" placeholder="{{ $element->prompt }}" maxlength="{{ $element->answer->longest() }}" autocomplete="off" enterkeyhint="next" value="{{ $text }}" @readonly($closed)>
    @elseif ($mode === 'bench')
        <span class="answer answer--prompt" style="--size:{{ $element->size }}">{{ $element->prompt }}</span>
    @else
        <span class="answer answer--typed" style="--size:{{ $element->size }}">{{ $text }}</span>
    @endif
</x-page.frame>

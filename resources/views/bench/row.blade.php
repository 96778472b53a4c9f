{{-- One thing on the page, in the ledger. $element, $tag --}}
@use('App\View\ElementWords')
@use('OpenSlate\Elements\AnswerBox')
@use('OpenSlate\Elements\Label')
@use('OpenSlate\Elements\Part')
@use('OpenSlate\Elements\Spot')
<li class="row-of row-of--{{ $element->kind()->value }}" data-row="{{ $element->id() }}">
    <button type="button" class="row-of__tag" data-row-select aria-pressed="false"
        aria-label="Select {{ $tag }}">{{ $tag }}</button>
    @if ($element instanceof AnswerBox)
        <input class="row-of__words" data-row-trait="prompt" value="{{ $element->prompt }}" maxlength="200"
            aria-label="Prompt of {{ $tag }}" placeholder="Prompt">
    @elseif ($element instanceof Label)
        <input class="row-of__words" data-row-trait="text" value="{{ str_replace("\n", ' ', $element->text) }}"
            maxlength="2000" aria-label="Words of {{ $tag }}" placeholder="Words"
        @readonly(str_contains($element->text, "\n"))>
    @elseif ($element instanceof Part || $element instanceof Spot)
        @php($part = $element instanceof Part)
        <input class="row-of__words" data-row-trait="{{ $part ? 'text' : 'name' }}"
            value="{{ str_replace("\n", ' ', $part ? $element->text : $element->name) }}"
            maxlength="{{ $part ? 200 : 60 }}" aria-label="{{ $part ? 'Words on' : 'Name of' }} {{ $tag }}"
            placeholder="{{ $element->named() }}{{ $part && $element->stock > 1 ? ' × ' . $element->stock : '' }}"
            @readonly($part && str_contains($element->text, "\n"))>
    @else
        <span class="row-of__words row-of__words--plain">{{ ElementWords::of($element) }}</span>
    @endif
</li>

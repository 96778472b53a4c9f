{{-- Where what is written stands against what is asked for; the server says it anew with every save. --}}
@props(['form', 'place', 'text'])
@if ($form->limit)
    <span class="limit" id="limit-{{ $place }}" data-limit="{{ $place }}"
        @if ($form->limit->isMet($text)) data-met @endif>{{ $form->limit->said($text) }}</span>
@endif

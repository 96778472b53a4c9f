@use('OpenSlate\Answers\ChoiceMark')
@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
@php($chosen = $text === '' ? [] : explode(',', $text))
<span class="choices choices--{{ $form->mark->value }}"
    @if ($mode === 'copy')
        data-place="{{ $place }}" data-kind="choice" role="{{ $form->many ? 'group' : 'radiogroup' }}"
        aria-label="{{ $said . ($form->many ? ', choose all that are right' : '') }}"
    @endif>
    @foreach ($form->options as $option)
        <span class="option-at" data-option="{{ $option->id }}"
            style="--l:{{ $option->left }};--t:{{ $option->top }};--a:{{ $option->across }};--d:{{ $option->down }}">
            @if ($mode === 'copy')
                <input type="{{ $form->many ? 'checkbox' : 'radio' }}" name="c-{{ $place }}"
                    value="{{ $option->id }}"
                    aria-label="{{ $option->words === '' ? 'Choice ' . $loop->iteration : $option->words }}"
                    @checked(in_array($option->id, $chosen, true)) @disabled($closed)>
            @endif
            <span @class([
                'option-mark',
                'is-chosen' => $mode !== 'copy' && in_array($option->id, $chosen, true),
            ]) aria-hidden="true">
                @if ($form->mark === ChoiceMark::Tick)
                    <svg viewBox="0 0 24 24">
                        <path d="M4 13l6 6L21 4" />
                    </svg>
                @endif
            </span>
            @if ($mode === 'bench')
                <span class="option-words" aria-hidden="true">{{ $option->words }}</span>
            @endif
        </span>
    @endforeach
    @if ($mode === 'view' && $chosen !== [])
        <span class="visually-hidden">{{ implode(', ', array_column($form->named($text), 'words')) }}</span>
    @endif
</span>

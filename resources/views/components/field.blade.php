{{-- A labelled field with its error beside it. --}}
@props(['name', 'label', 'type' => 'text', 'value' => null, 'hint' => null])
@php($key = trim(str_replace(['[', ']'], ['.', ''], $name), '.'))
@php($id = str_replace('.', '-', $key))
<div class="field">
    <label for="{{ $id }}">{{ $label }}</label>
    <input id="{{ $id }}" name="{{ $name }}" type="{{ $type }}"
        @if ($type !== 'password') value="{{ old($key, $value) }}" @endif
        {{ $attributes->class(['form-control', 'is-invalid' => $errors->has($key)]) }}
        @error($key) aria-invalid="true" @enderror aria-describedby="{{ $id }}-note">
    <div id="{{ $id }}-note" class="field__note">
        @error($key)
            <span class="field__error">{{ $message }}</span>@else{{ $hint }}
        @enderror
    </div>
</div>

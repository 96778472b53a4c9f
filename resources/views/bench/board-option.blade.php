{{-- An option of a choice board. $option: ChoiceOption, $form: App\View\BoardForm or null for a new one --}}
<li class="option" data-option-row="{{ $option->id }}" data-of="{{ $option->of }}" draggable="true">
    <div class="option__head">
        <input class="form-control option__name" data-option-name value="{{ $option->name }}" maxlength="60"
            aria-label="Name of the option" placeholder="Name" autocomplete="off">
        <select class="form-select" data-option-place
            aria-label="Place of {{ $option->name === '' ? 'the new option' : $option->name }}" autocomplete="off"
            data-now="{{ $form?->place($option) ?? 0 }}"></select>
    </div>
    <input class="form-control" data-option-line value="{{ $option->line }}" maxlength="120"
        aria-label="One line about {{ $option->name === '' ? 'the new option' : $option->name }}"
        placeholder="One line about it" autocomplete="off">
    <div class="option__foot"><label class="option__pages">Pages <input class="form-control" data-option-pages
                value="{{ $form?->pages($option) }}" maxlength="300"
                aria-label="Pages of {{ $option->name === '' ? 'the new option' : $option->name }}"
                placeholder="such as 6-7" autocomplete="off"></label>
        <button type="button" class="btn btn-plain" data-option-remove
            aria-label="Remove {{ $option->name === '' ? 'the new option' : $option->name }}">Remove</button>
    </div>
    <span class="option__of" data-option-of @if ($option->of === null) hidden @endif>of
        <b>{{ $form?->of($option) }}</b></span>
</li>

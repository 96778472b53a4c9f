@use('App\View\SavedWords')
@use('OpenSlate\Answers\NumberAnswer')
@props(['box', 'form', 'mode', 'place', 'said', 'text', 'closed'])
<span class="numbered" style="--size:{{ $box->size }}">
    @if ($mode === 'copy')
        <input dir="auto" class="answer" data-place="{{ $place }}"
            aria-label="{{ $said . ($form->unit === '' ? '' : ', in ' . $form->unit) }}"
            placeholder="{{ $box->shownPrompt() }}" maxlength="{{ NumberAnswer::LONGEST }}"
            inputmode="text" autocomplete="off" enterkeyhint="next" value="{{ $text }}"
            aria-describedby="limit-{{ $place }}" @readonly($closed)>
        <span class="limit" id="limit-{{ $place }}">{{ SavedWords::number($form, $text) }}</span>
    @else
        <span
            @class([
                'answer',
                'answer--prompt' => $mode === 'bench',
                'answer--typed' => $mode !== 'bench',
            ])>{{ $mode === 'bench' ? ($box->shownPrompt() === '' ? '0' : $box->shownPrompt()) : $text }}</span>
    @endif
    @if ($form->unit !== '')
        <span class="numbered__unit" aria-hidden="true">{{ $form->unit }}</span>
    @endif
</span>

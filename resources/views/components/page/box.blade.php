@props(['element', 'mode', 'tag', 'z', 'texts', 'number', 'closed'])
@php($form = $element->form)
@php($kind = $form->kind()->value)
@php($place = \OpenSlate\Copies\Place::idOn($number, $element->id))
@php($said = $element->prompt === '' ? 'Answer '.substr($tag, 1) : $element->prompt)
<x-page.frame :$element :$mode :$tag :$z :name="$form->kind()->words().($element->prompt === '' ? '' : ': '.$element->prompt)"
    :data-planted="$mode === 'bench' && $form instanceof \OpenSlate\Answers\PassageAnswer && $form->right !== '' ? \App\View\PassageWords::planted($form) : null"
    :class="implode(' ', array_filter(['element--'.$kind, $element->cover ? 'element--cover' : '', $element->outline ? 'element--outline' : '', 'type type--'.$element->font->value, 'type--'.$element->align->value, $element->fit->value === 'scroll' ? '' : 'element--'.$element->fit->value]))">
    @include('components.page.answer.'.$kind, ['box' => $element, 'text' => $texts[$place] ?? '', 'attributes' => null])
    @if ($mode === 'copy' && $element->help !== '')<x-page.help :$place :$said :help="$element->help" />@endif
</x-page.frame>

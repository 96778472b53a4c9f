@use('App\View\ElementWords')
@use('App\View\PassageWords')
@use('App\View\TextStyle')
@use('OpenSlate\Answers\PassageAnswer')
@use('OpenSlate\Copies\Place')
@use('OpenSlate\Elements\TextFit')
@props(['element', 'mode', 'tag', 'z', 'texts', 'number', 'closed', 'names'])
@php($form = $element->form)
@php($kind = $form->kind()->value)
@php($place = Place::idOn($number, $element->id))
@php($said = $names[$element->id] ?? $element->prompt)
@php($isPlanted = $mode === 'bench' && $form instanceof PassageAnswer && $form->right !== '')
<x-page.frame :$element :$mode :$tag :$z :name="ElementWords::asking($form->kind()->words(), $element)"
    :data-said="$mode === 'copy' ? $said : null"
    :data-planted="$isPlanted ? PassageWords::planted($form) : null"
    :classes="[
        'element--' . $kind,
        'element--cover' => $element->cover,
        'element--outline' => $element->outline,
        'element--' . $element->fit->value => $element->fit !== TextFit::Scroll,
        ...TextStyle::classes($element),
    ]">
    @include('components.page.answer.' . $kind, [
        'box' => $element,
        'text' => $texts[$place] ?? '',
        'attributes' => null,
    ])
    @if ($mode === 'copy' && $element->help !== '')
        <x-page.help :$place :$said :help="$element->help" />
    @endif
</x-page.frame>

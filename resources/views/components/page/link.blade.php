@props(['element', 'mode', 'tag', 'z', 'live', 'leads', 'at'])
@php($anchor = $element->target->anchor())
@php($number = $anchor === null ? null : $leads[$anchor] ?? null)
@php($other = $element->target->worksheetId())
@php($leadsTo = match (true) {
    $anchor !== null => 'Go to page ' . $number,
    $other !== null => 'Go to another worksheet',
    default => $element->target->address,
})
@php($isThere = $anchor === null ? $other === null || in_array($mode, ['view', 'copy'], true) : $number !== null)
@php($said = $element->text === '' ? $leadsTo : $element->text)
<x-page.frame :$element :$mode :$tag :$z :name="'link: ' . $said"
    :classes="['element--outline' => $element->outline, 'element--off' => !$element->on]">
    @php($words = $element->printed ? '' : $said)
    @if ($live && $element->on && $isThere)
        <a class="go" style="--size:{{ $element->size }}"
            href="{{ match (true) {
                $anchor !== null => '#' . $at . $number,
                $other !== null => auth('student')->check() ? route('lead', $other, false) : route('worksheets.show', $other, false),
                default => $element->target->address,
            } }}"
            @if ($anchor === null && !($other !== null && auth('student')->check())) target="_blank" rel="noopener noreferrer" @endif
            @if ($words === '') aria-label="{{ $said }}" @endif>{{ $words }}</a>
    @elseif ($words !== '')
        <span class="go" style="--size:{{ $element->size }}">{{ $words }}</span>
    @endif
</x-page.frame>

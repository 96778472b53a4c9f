{{-- The keys of a station. $station --}}
@php($tools = $station === 'parts'
    ? [
        'E, R, D, T, P, B, A' => 'draw an oval, rectangle, rounded, triangle, polygon, speech box, arrow; with Shift even sides, with Alt from the middle',
        'C, W, M, I, O' => 'draw a connector, a word, a sign, a picture, a place for a picture of theirs',
        'J' => 'press a part where it should hold to others',
        'Z, S, G, L, X' => 'draw a zone, slot, ring, line, table of slots',
    ]
    : [
        'S, B, N, K, C, D' => 'draw a short box, lines box, number, tick, choice, drop-down; Enter lays one in the middle',
        'G, M, W, I, Z' => 'draw a table, passage to correct, drawing area, place for a picture, organiser',
        'L, P, U, R, O, -, A' => 'draw a label, patch, link, rectangle, oval, line, arrow',
        'Y, X' => 'lay a picture, a clip of any page',
        'V' => 'make room by dragging, on pages without print',
    ])
@php($both = [
    'Tab' => 'next thing, in reading order',
    'Enter or Space' => 'select; with Shift add to the selection',
    'Arrows' => 'nudge by 1 point; with Shift by 10',
    'Alt + arrows' => 'make wider, narrower, taller, lower',
    'Ctrl + D' => 'repeat, at the same step as before',
    'Ctrl + G, Ctrl + Shift + G' => 'group, take apart',
    '[ and ]' => 'put below, put above the next',
    'Hold Ctrl while dragging' => 'let go of the guides',
    'Ctrl + C, X, V' => 'copy, cut, paste; also on another page',
    'Ctrl + A' => 'select all',
    'Delete' => 'take off the page',
    'Ctrl + Z, Ctrl + Shift + Z' => 'undo, redo',
    'Page Up, Page Down' => 'the page before, the page after',
    'Esc' => 'leave',
    'Enter, Delete on a proposed blank' => 'take it, refuse it',
    'T' => 'take all proposed blanks of the page',
    '?' => 'this list',
])
<dialog class="keys" data-keys-list aria-labelledby="keys-title">
    <h2 id="keys-title">Keys</h2>
    <dl>
        @foreach ([...$tools, ...$both] as $keys => $does)
            <div><dt>{{ $keys }}</dt><dd>{{ $does }}</dd></div>
        @endforeach
    </dl>
    <form method="dialog"><button class="btn btn-primary">Close</button></form>
</dialog>

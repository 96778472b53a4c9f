{{-- The keys of a station. $isParts: whether it is that of the parts --}}
@use('App\View\Tools')
@php($tools = $isParts ? Tools::parts() : Tools::boxes(hasPrint: false))
@php(
    $both = [
        'Shift, Alt, while drawing' => 'even sides, from the middle',
        'Enter, with a tool' => 'lay one in the middle',
        'Tab' => 'next thing, in reading order',
        'Enter or Space' => 'select; with Shift add to the selection',
        'Enter, or a double click, on what is selected' => 'write on it; Tab goes to the next, Esc ends',
        'Alt + Enter' => 'its properties, beside the page',
        'Any letter, with a cell chosen' => 'write in the cell',
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
        '?' => 'this list'
    ]
)
<dialog class="keys" data-keys-list aria-labelledby="keys-title">
    <h2 id="keys-title" tabindex="-1" autofocus>Keys</h2>
    <dl>
        @foreach ($tools->groups as $group)
            <div>
                <dt>{{ implode(', ', array_column($group, 'key')) }}</dt>
                <dd>draw: {{ implode(', ', array_column($group, 'does')) }}</dd>
            </div>
        @endforeach
        @foreach ($both as $keys => $does)
            <div>
                <dt>{{ $keys }}</dt>
                <dd>{{ $does }}</dd>
            </div>
        @endforeach
    </dl>
    <form method="dialog"><button class="btn btn-primary">Close</button></form>
</dialog>

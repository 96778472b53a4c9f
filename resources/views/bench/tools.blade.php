{{-- What can be laid on the page: places to answer, and what the page is furnished with. --}}
@php($answers = ['short' => ['Short box', 'S'], 'lines' => ['Lines box', 'B'], 'number' => ['Number', 'N'], 'tick' => ['Tick', 'K'], 'choice' => ['Choice', 'C'], 'list' => ['Drop-down', 'D'], 'table' => ['Table', 'G'], 'passage' => ['Passage', 'M'], 'drawing' => ['Drawing', 'W'], 'picture-place' => ['Picture place', 'I'], 'organiser' => ['Organiser', 'Z']])
@php($furniture = ['label' => ['Label', 'L'], 'patch' => ['Patch', 'P'], 'link' => ['Link', 'U'], 'rectangle' => ['Rectangle', 'R'], 'ellipse' => ['Oval', 'O'], 'line' => ['Line', '-'], 'arrow' => ['Arrow', 'A'], 'picture' => ['Picture', 'Y'], 'clip' => ['Clip', 'X'], ...($shown->content->backdrop === null ? ['room' => ['Room', 'V']] : [])])
<details class="ledger__head laying" data-laying open>
    <summary><h2>Lay on the page</h2></summary>
    <div role="group" aria-label="What to draw">
        <div class="tools" role="group" aria-label="For students to fill in">
            @foreach ($answers as $tool => [$words, $key])<button type="button" @class(['tool', 'tool--wide' => $tool === 'picture-place']) data-tool="{{ $tool }}" aria-pressed="false"><b>{{ $words }}</b><kbd aria-hidden="true">{{ $key }}</kbd></button>@endforeach
        </div>
        <div class="tools" role="group" aria-label="For the page">
            @foreach ($furniture as $tool => [$words, $key])<button type="button" class="tool" data-tool="{{ $tool }}" aria-pressed="false"><b>{{ $words }}</b><kbd aria-hidden="true">{{ $key }}</kbd></button>@endforeach
        </div>
    </div>
    <p class="ledger__hint" data-hint>Choose one, then draw it on the page.</p>
    <input type="file" accept="image/*" data-picture-file hidden aria-label="A picture for the page">
</details>

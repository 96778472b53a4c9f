{{-- What students move, and where it goes. --}}
@php($parts = ['part-ellipse' => ['Oval', 'E'], 'part-rectangle' => ['Rectangle', 'R'], 'part-rounded' => ['Rounded', 'D'], 'part-triangle' => ['Triangle', 'T'], 'part-polygon' => ['Polygon', 'P'], 'part-callout' => ['Speech', 'B'], 'part-arrow' => ['Arrow', 'A'], 'part-connector' => ['Connector', 'C'], 'part-words' => ['Word', 'W'], 'part-sign' => ['Sign', 'M'], 'part-picture' => ['Picture', 'I'], 'part-own-picture' => ['Their picture', 'O'], 'joint' => ['Joint', 'J']])
@php($spots = ['zone' => ['Zone', 'Z'], 'slot' => ['Slot', 'S'], 'ring' => ['Ring', 'G'], 'rail' => ['Line', 'L'], 'slots' => ['Slots', 'X']])
<details class="ledger__head laying" data-laying open>
    <summary><h2>Make parts</h2></summary>
    <div role="group" aria-label="What to draw">
        <div class="tools" role="group" aria-label="Parts, for students to move">
            @foreach ($parts as $tool => [$words, $key])<button type="button" @class(['tool', 'tool--wide' => $tool === 'part-own-picture']) data-tool="{{ $tool }}" aria-pressed="false"><b>{{ $words }}</b><kbd aria-hidden="true">{{ $key }}</kbd></button>@endforeach
        </div>
        <div class="tools" role="group" aria-label="Spots, where parts go">
            @foreach ($spots as $tool => [$words, $key])<button type="button" class="tool" data-tool="{{ $tool }}" aria-pressed="false"><b>{{ $words }}</b><kbd aria-hidden="true">{{ $key }}</kbd></button>@endforeach
        </div>
    </div>
    <p class="ledger__hint" data-hint>Choose one, then draw it on the page.</p>
    <input type="file" accept="image/*" data-picture-file hidden aria-label="A picture for the part">
</details>

{{-- The tools of a station. $heading, $groups (of tools: their words and their key, by what they are for), $picture (what a picture is for) --}}
<details class="ledger__head laying" data-laying open>
    <summary><h2>{{ $heading }}</h2></summary>
    <div role="group" aria-label="What to draw">
        @foreach ($groups as $for => $tools)
            <div class="tools" role="group" aria-label="{{ $for }}">
                @foreach ($tools as $tool => [$words, $key])<button type="button" @class(['tool', 'tool--wide' => mb_strlen($words) > 11]) data-tool="{{ $tool }}" aria-pressed="false"><b>{{ $words }}</b><kbd aria-hidden="true">{{ $key }}</kbd></button>@endforeach
            </div>
        @endforeach
    </div>
    <p class="ledger__hint" data-hint>Choose one, then draw it on the page.</p>
    <input type="file" accept="image/*" data-picture-file hidden aria-label="{{ $picture }}">
</details>

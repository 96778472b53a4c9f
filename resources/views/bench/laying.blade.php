{{-- The tools of a station. $heading, $tools (App\View\Tools), $picture (what a picture is for) --}}
<details class="ledger__head laying" data-laying data-tools="{{ $tools->json() }}" open>
    <summary>
        <h2>{{ $heading }}</h2>
    </summary>
    <div role="group" aria-label="What to draw">
        @foreach ($tools->groups as $for => $group)
            <div class="tools" role="group" aria-label="{{ $for }}">
                @foreach ($group as $tool)
                    <button type="button" @class(['tool', 'tool--wide' => mb_strlen($tool->words) > 11])
                        data-tool="{{ $tool->name }}" aria-pressed="false"><b>{{ $tool->words }}</b><kbd
                            aria-hidden="true">{{ $tool->key }}</kbd></button>
                @endforeach
            </div>
        @endforeach
    </div>
    <p class="ledger__hint" data-hint>Choose one, then draw it on the page.</p>
    <input type="file" accept="image/*" data-picture-file hidden aria-label="{{ $picture }}">
</details>
<div class="tools tools--last" role="group" aria-label="Tools used last" data-tools-last></div>

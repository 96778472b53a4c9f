{{-- The history of a copy: small pages, the oldest left. $copy, $moments, $pastTexts: by moment,
    $edition --}}
@use('App\View\PastCopy')
<section class="past" aria-label="History">
    <details @if ($moments->isNotEmpty()) open @endif>
        <summary>History{{ $moments->isEmpty() ? '' : ' (' . $moments->count() . ')' }}</summary>
        @if ($moments->isNotEmpty())
            @php($pages = $edition->frozenPages())
            <div class="past__strip" tabindex="0" role="group" aria-label="Moments, the oldest first"><ol>
                @foreach ($moments as $moment)
                    <li><a href="{{ route('moments.show', [$copy, $moment]) }}"><span class="past__page" aria-hidden="true"
                                inert><x-page.sheet :page="$pages[0]" :number="1" :of="count($pages)"
                                    :texts="$pastTexts[$moment->id] ?? []" sizes="120px" /></span>{{ PastCopy::words($moment, $school) }}</a></li>
                @endforeach
            </ol></div>
        @endif
        <div class="past__verbs">
            <form method="post" action="{{ route('moments.keep', $copy) }}">@csrf<label>Name this moment <input
                        class="form-control" name="name" maxlength="100" required></label><button
                    class="btn btn-plain">Keep it</button></form>
            @if ($copy->returned_at === null && $copy->state !== OpenSlate\Copies\CopyState::NotOpened)
                <form method="post" action="{{ route('hand-back', $copy->handout_item_id) }}">@csrf<input type="hidden"
                        name="to" value="one"><input type="hidden" name="when" value="now"><input type="hidden"
                        name="copy" value="{{ $copy->id }}"><button class="btn btn-plain">Hand this one back</button></form>
            @endif
            <form method="post" action="{{ route('fresh', $copy->handout_item_id) }}">@csrf<input type="hidden" name="to"
                    value="one"><input type="hidden" name="copy" value="{{ $copy->id }}"><button
                    class="btn btn-plain">Fresh copy</button>
                <button class="btn btn-plain" name="keep" value="right">Again, what is not right yet</button></form>
        </div>
    </details>
</section>

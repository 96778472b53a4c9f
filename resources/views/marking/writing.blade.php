{{-- Where a mark and a comment are written, at the place that was pressed. $copy --}}
<div class="remark" role="dialog" aria-label="Words at a spot" data-note-box hidden>
    <form data-note-form data-address="{{ route('remarks.spot', [$copy, 0]) }}"
        data-ink-address="{{ route('remarks.ink', [$copy, 0]) }}">
        <label class="remark__comment">Words at this spot
            <textarea class="form-control" name="words" rows="2" maxlength="{{ App\Models\Comment::LONGEST }}"
                dir="auto"></textarea></label>
        <p class="field__error" role="alert" data-note-said></p>
        <p class="verbs"><button class="btn btn-primary">Write it</button>
            <button type="button" class="btn btn-plain" data-note-off hidden>Take it away</button>
            <button type="button" class="btn btn-plain" data-note-shut>Close</button></p>
    </form>
</div>
<div class="remark" role="dialog" aria-labelledby="writing-name" data-remark hidden>
<form data-writing data-address="{{ route('marking.give', $copy->item->handout_id) }}"
    data-comments="{{ route('marking.comments', $copy->item->handout_id) }}" data-copy-id="{{ $copy->id }}"
    data-item="{{ $copy->handout_item_id }}">
    <p class="remark__name" id="writing-name" data-writing-name></p>
    <p class="remark__by" data-writing-by></p>
    <p class="remark__points" data-writing-points><label>Points <input type="text" inputmode="decimal"
                class="form-control" name="points" autocomplete="off" maxlength="8"></label> of <span
            data-writing-full></span>
        <button type="button" class="btn btn-plain" data-give="full">Full</button>
        <button type="button" class="btn btn-plain" data-give="none">None</button>
        <button type="button" class="btn btn-plain" data-give="key">As the key</button>
    </p>
    <label class="remark__comment">Comment
        <textarea class="form-control" name="words" rows="2" maxlength="{{ App\Models\Comment::LONGEST }}" dir="auto"
            data-phrases="{{ route('marking.phrases') }}"></textarea></label>
    <ul class="remark__phrases" data-writing-phrases hidden aria-label="Phrases that begin so"></ul>
    <p class="remark__sound" data-sound-of="{{ route('sounds.say', $copy) }}">
        <button type="button" class="btn btn-plain" data-record>Say it aloud</button>
        <button type="button" class="btn btn-plain" data-hear hidden>Listen</button>
        <button type="button" class="btn btn-plain" data-unsay hidden>Throw it away</button>
        <span data-ticks role="timer"></span> <span data-recorded role="status"></span>
    </p>
    <label class="remark__keep"><input type="checkbox" name="keep"> Keep it as a phrase</label>
    <p class="field__error" role="alert" data-writing-said></p>
    <p class="verbs"><button class="btn btn-primary">Write it</button>
        <button type="button" class="btn btn-plain" data-writing-shut>Close</button></p>
</form>
</div>

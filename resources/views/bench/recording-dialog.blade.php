{{-- A spoken or filmed message is made, or chosen, heard again, and laid on the page. --}}
@php($minutes = intdiv(config('slate.recordings.most_seconds'), 60))
@php($megabytes = intdiv(config('slate.recordings.most_bytes'), 1048576))
<dialog class="panel recording" data-recording-dialog aria-labelledby="recording-title">
    <h2 id="recording-title">A message for the page</h2>
    <p class="ledger__hint">Up to {{ $minutes }} minutes and {{ $megabytes }} MB. Students play it where it lies.</p>
    <div class="verbs" role="group" aria-label="Where it comes from">
        <button type="button" class="btn btn-plain" data-sound-take>Record a voice</button>
        <button type="button" class="btn btn-plain" data-film-take>Record a film</button>
        <label class="btn btn-plain recording__file">Choose a file<input type="file" class="visually-hidden"
                accept="audio/*,video/*" data-recorded-file></label>
    </div>
    <div class="recording__now" data-now hidden>
        <video data-seen muted playsinline hidden aria-label="What the camera sees"></video>
        <span class="spoken__level" data-level aria-hidden="true"></span>
        <span data-ticks role="timer"></span>
        <button type="button" class="btn btn-primary" data-stop>Stop</button>
    </div>
    <form novalidate data-recorded hidden>
        <audio controls data-heard-again aria-label="What was recorded"></audio>
        <video controls playsinline data-seen-again hidden aria-label="What was filmed"></video>
        <div class="field"><label for="recording-name">Title</label><input id="recording-name" class="form-control"
                name="title" maxlength="120" autocomplete="off" placeholder="Spoken message"></div>
        <div class="field"><label for="recording-words">The words, for those who do not hear it</label>
            <textarea id="recording-words" class="form-control" name="words" rows="3" maxlength="4000"></textarea>
        </div>
        <div class="verbs"><button class="btn btn-primary" data-lay>Lay it on the page</button><button type="button"
                class="btn btn-plain" data-throw>Throw it away</button></div>
    </form>
    <p class="field__error" data-recording-problem role="alert"></p>
    <p class="visually-hidden" data-recording-said role="status"></p>
    <div class="verbs"><button type="button" class="btn btn-plain" data-recording-no>Not now</button></div>
</dialog>

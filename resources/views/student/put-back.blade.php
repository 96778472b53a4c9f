{{-- Asks before all parts of a page go back. --}}
<dialog class="ask" data-put-back aria-labelledby="put-back-title">
    <h2 id="put-back-title">Put all parts back?</h2>
    <p>Everything you moved on this page goes back to where it was at the start. You can undo this.</p>
    <form method="dialog"><button class="btn btn-plain btn-lg" value="no">No, leave them</button><button
            class="btn btn-primary btn-lg" value="yes">Yes, put all back</button></form>
</dialog>

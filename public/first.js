// Runs before anything of a page is seen. Somebody who signed out on this device while there was no connection is still
// signed in with the server: nothing of theirs is shown until that is mended (resources/js/lib/who.js does it).
try {
    if (localStorage.getItem('open-slate.leaving')) document.documentElement.hidden = true;
} catch (blocked) {
    /* Then nothing was left behind either. */
}

// A press that is too early for the page's scripts is not lost: it is held, so that nobody answers it before all of
// them have come, and made then. Only the last one, once, however often somebody pressed: what did nothing at first is
// pressed again.
{
    let early = null;
    const hold = (event) => {
        const button = event.target.closest?.('button[type="button"]:not([popovertarget])');
        if (!button) return;
        event.stopImmediatePropagation();
        early = button;
    };
    addEventListener('click', hold, true);
    addEventListener('DOMContentLoaded', () =>
        setTimeout(() => {
            removeEventListener('click', hold, true);
            early?.click();
        }),
    );
}

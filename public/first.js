// Runs before anything of a page is seen. Somebody who signed out on this device while there was no connection is still
// signed in with the server: nothing of theirs is shown until that is mended (resources/js/lib/who.js does it).
try {
    if (localStorage.getItem('open-slate.leaving')) document.documentElement.hidden = true;
} catch (blocked) {
    /* Then nothing was left behind either. */
}

// A press that is too early for the page's scripts is not lost: it is made once more when they have come. Only the last
// one, once, however often somebody pressed: what did nothing at first is pressed again. Once the first of them has
// begun (resources/js/app.js says so) it may answer by itself.
{
    let early = null;
    const keep = ({ target }) => (early = target.closest?.('button[type="button"]:not([popovertarget])') ?? early);
    const stop = () => removeEventListener('click', keep, true);
    addEventListener('click', keep, true);
    addEventListener('open-slate:begun', stop);
    addEventListener('DOMContentLoaded', () => {
        stop();
        setTimeout(() => early?.click());
    });
}

// Runs before anything of a page is seen. Somebody who signed out on this device while there was no connection is still
// signed in with the server: nothing of theirs is shown until that is mended (resources/js/lib/who.js does it).
try {
    if (localStorage.getItem('open-slate.leaving')) document.documentElement.hidden = true;
} catch (blocked) {
    /* Then nothing was left behind either. */
}

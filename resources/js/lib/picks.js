// Who chooses in a list (data-picks) means the box or the button that it belongs to.
export function pickByChoosing() {
    for (const list of document.querySelectorAll('[data-picks]')) {
        list.addEventListener('change', () => (document.querySelector(list.dataset.picks).checked = true));
    }
}

const LISTEN = 'Listen';
const STOP = 'Stop';

const say = (button, words) => {
    (button.querySelector('[data-verb]') ?? button).textContent = words;
};

let playing = null; // the sound that is heard, with the button that stops it

function stop() {
    if (!playing) return;
    playing.sound.pause();
    say(playing.button, LISTEN);
    playing = null;
}

/** Plays a sound from its beginning, or stops it; only one is heard at a time. */
export function hear(button, address) {
    const wasPlaying = playing?.button;
    stop();
    if (wasPlaying === button) return;
    const sound = new Audio(address);
    playing = { sound, button };
    say(button, STOP);
    sound.addEventListener('ended', stop);
    sound.addEventListener('error', () => {
        stop();
        say(button, 'It cannot be played here');
    });
    sound.play().catch(() => {});
}

export { stop as stopSounds };

document.addEventListener('click', ({ target }) => {
    const button = target.closest?.('[data-sound]');
    if (button) hear(button, button.dataset.sound);
});
window.addEventListener('pagehide', stop);

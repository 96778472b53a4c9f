// Recordings on a page: played, stopped, gone through and read, one at a time. Nothing of one is loaded before it is
// played.
import { stopSounds } from './sounds';

const STEP = 5; // seconds

const clock = (seconds) => `${Math.floor(seconds / 60)}:${String(Math.floor(seconds % 60)).padStart(2, '0')}`;
const spoken = (seconds) => `${Math.round(seconds)} seconds`;

let playing = null;

class Player {
    constructor(root) {
        this.root = root;
        this.go = root.querySelector('[data-go]');
        this.sign = root.querySelector('[data-go-sign]');
        this.at = root.querySelector('[data-at]');
        this.time = root.querySelector('[data-time]');
        this.lasts = Number(this.at.max);
        this.media = root.querySelector('[data-media]') ?? new Audio();
        this.media.preload = 'none';
        this.media.addEventListener('timeupdate', () => this.#tell());
        this.media.addEventListener('play', () => this.#is(true));
        this.media.addEventListener('pause', () => this.#is(false));
        this.media.addEventListener('ended', () => {
            this.media.currentTime = 0;
            this.#tell();
        });
        this.media.addEventListener('error', () => this.#trouble());
    }

    /** Where it is played from; also before anything of it is loaded. */
    get seconds() {
        return this.from ?? this.media.currentTime;
    }

    toggle() {
        if (!this.media.paused) {
            this.media.pause();
            return;
        }
        stopSounds();
        playing?.media.pause();
        playing = this;
        this.root.querySelector('[data-trouble]').textContent = '';
        if (!this.media.getAttribute('src') || this.media.error) this.media.src = this.root.dataset.player;
        if (this.from !== undefined) {
            const { from } = this;
            this.media.addEventListener('loadedmetadata', () => (this.media.currentTime = from), { once: true });
            this.from = undefined;
        }
        this.media.play().catch(() => {});
    }

    goTo(seconds) {
        const to = Math.max(0, Math.min(this.lasts, seconds));
        if (this.media.readyState === 0) this.from = to;
        else this.media.currentTime = to;
        this.#tell();
    }

    #tell() {
        const { seconds } = this;
        this.at.value = seconds;
        this.at.setAttribute('aria-valuetext', `${spoken(seconds)} of ${spoken(this.lasts)}`);
        this.time.textContent = seconds > 0 ? `${clock(seconds)} / ${clock(this.lasts)}` : clock(this.lasts);
    }

    #is(isPlaying) {
        this.root.classList.toggle('is-playing', isPlaying);
        this.sign.textContent = isPlaying ? '❚❚' : '▶';
        const verb = isPlaying ? 'Pause' : 'Play';
        this.go.setAttribute('aria-label', this.go.getAttribute('aria-label').replace(/^\w+/, verb));
    }

    #trouble() {
        if (!this.media.getAttribute('src')) return;
        this.root.querySelector('[data-trouble]').textContent =
            'It cannot be played just now. Check the connection, then press again.';
        this.#is(false);
    }
}

const players = new WeakMap();

function playerAt(target) {
    const root = target.closest?.('[data-player]');
    if (!root) return null;
    if (!players.has(root)) players.set(root, new Player(root));
    return players.get(root);
}

document.addEventListener('click', ({ target }) => {
    const player = playerAt(target);
    if (!player) return;
    if (target.closest('[data-go], [data-media]')) player.toggle();
    const read = target.closest('[data-read]');
    if (!read) return;
    const words = document.getElementById(read.getAttribute('aria-controls'));
    words.hidden = !words.hidden;
    read.setAttribute('aria-expanded', String(!words.hidden));
});
document.addEventListener('input', ({ target }) => {
    if (target.matches?.('[data-player] [data-at]')) playerAt(target).goTo(Number(target.value));
});
document.addEventListener('keydown', (event) => {
    const step = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
    if (step === undefined || !event.target.matches?.('[data-player] [data-go]')) return;
    const player = playerAt(event.target);
    player.goTo(player.seconds + step);
    event.preventDefault();
});
window.addEventListener('pagehide', () => playing?.media.pause());

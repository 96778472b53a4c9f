import { takesOtherWorksheets } from './bench/other-worksheets';
import { request } from './lib/request';
import { smallPages } from './lib/small-pages';

const WAIT = 250; // milliseconds of rest in typing before the sentence is said anew

/** The sentence of the Hand out station: its brackets open and close, and say what stands in them. */
class HandOut {
    #form;
    #timer = 0;
    #asked = 0;

    constructor(form) {
        this.#form = form;
        form.addEventListener('click', (event) => this.#click(event));
        form.addEventListener('keydown', (event) => this.#key(event));
        form.addEventListener('input', (event) => this.#changed(event.target));
        // An opened list of names does not bubble its opening.
        form.addEventListener('toggle', (event) => this.#names(event.target), true);
        const others = document.querySelector('[data-others]');
        if (others) takesOtherWorksheets(others, form.querySelector('[data-others-open]'), (taken) => this.#add(taken));
        this.#shape();
    }

    #bracket(name) {
        return this.#form.querySelector(`[data-bracket="${name}"]`);
    }

    #click({ target }) {
        const bracket = target.closest('[data-bracket]');
        if (bracket) this.#open(bracket.dataset.bracket, bracket.getAttribute('aria-expanded') !== 'true');
        const team = target.closest('[data-team-ticks]');
        if (team) this.#tick(team);
        if (target.closest('[data-close-bracket]')) this.#close(target.closest('[data-opened]'));
        const given = target.closest('[data-given]');
        if (target.closest('[data-given-up]')) given.previousElementSibling?.before(given);
        if (target.closest('[data-given-off]')) {
            given.remove();
            this.#form.querySelector('[data-others-open]')?.focus();
        }
        if (target.closest('[data-given-up], [data-given-off]')) this.#itemsMoved();
    }

    /** The students of a team: ticked, or all of them unticked where they were. */
    #tick(team) {
        const { teamTicks, classOf } = team.dataset;
        const group = team.closest('[data-class]');
        const ids = teamTicks.split(',');
        const boxes = [...group.querySelectorAll(`[name="students[${classOf}][]"]`)];
        const theirs = boxes.filter((one) => ids.includes(one.value));
        const chosen = group.querySelector('[value="chosen"]');
        // From the whole class it becomes the first team of it.
        if (!chosen.checked) boxes.forEach((one) => (one.checked = false));
        chosen.checked = true;
        const isOn = theirs.every((one) => one.checked);
        theirs.forEach((one) => (one.checked = !isOn));
        this.#changed(team);
    }

    /** One is open at a time: the sentence stays a sentence. */
    #open(name, isOpen) {
        this.#form.querySelectorAll('[data-opened]').forEach((opened) => {
            const open = isOpen && opened.dataset.opened === name;
            opened.hidden = !open;
            this.#bracket(opened.dataset.opened).setAttribute('aria-expanded', String(open));
            if (open) opened.querySelector('input:not([type=hidden]), textarea, select, button')?.focus();
        });
    }

    #close(opened) {
        this.#open(opened.dataset.opened, false);
        this.#bracket(opened.dataset.opened).focus();
    }

    #key(event) {
        const opened = event.target.closest('[data-opened]');
        if (!opened) return;
        const typing = event.target.matches('input:not([type=radio], [type=checkbox])');
        // In a field Enter closes the bracket: it hands nothing out.
        if (event.key === 'Escape' || (event.key === 'Enter' && typing)) {
            event.preventDefault();
            this.#close(opened);
        }
    }

    /** For whom a worksheet is: the names of all classes, there from when somebody asks for them. */
    #names(details) {
        const names = details.querySelector?.('[data-for-names]');
        if (!names || !details.open || names.querySelector('fieldset')) return;
        const chosen = [...names.querySelectorAll('input')].map((one) => one.value);
        const { name } = details.closest('[data-given]').querySelector('[data-given-id]');
        names.replaceChildren(document.querySelector('[data-names-template]').content.cloneNode(true));
        names.querySelectorAll('input').forEach((one) => {
            one.name = name.replace('[worksheet]', '[only][]');
            one.checked = chosen.includes(one.value);
        });
        this.#shape();
    }

    #sayFor(details) {
        const count = details.querySelectorAll('input:checked').length;
        details.querySelector('[data-for-summary]').textContent =
            count === 0 ? 'for all of them' : `for ${count} of them`;
    }

    #changed(target) {
        if (target.closest('[data-for]')) this.#sayFor(target.closest('[data-for]'));
        this.#shape();
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => this.#say(), target.matches('[type=text], textarea') ? WAIT : 0);
    }

    /** What belongs to a choice is there when it is chosen. */
    #shape() {
        const said = new FormData(this.#form);
        this.#form.querySelectorAll('[data-when], [data-unless]').forEach((part) => {
            const [name, value] = (part.dataset.when ?? part.dataset.unless).split('=');
            part.hidden = (said.get(name) === value) === 'unless' in part.dataset;
        });
        const hasTeams = [...this.#form.querySelectorAll('[data-given-mode]')].some(
            ({ value }) => value === 'team_copy',
        );
        this.#form.querySelectorAll('[data-when-teams]').forEach((part) => {
            const of = part.closest('[data-class]').dataset.class;
            part.hidden = !hasTeams || said.get(`to[${of}]`) === 'none';
        });
    }

    #add(worksheets) {
        const template = document.querySelector('[data-given-template]').content.firstElementChild;
        worksheets.forEach(({ of, name, picture }) => {
            const row = template.cloneNode(true);
            row.dataset.given = of;
            row.querySelector('[data-given-id]').value = of;
            row.querySelector('[data-given-name]').textContent = name;
            row.querySelector('[data-given-picture]').append(picture);
            row.querySelector('[data-given-mode]').setAttribute('aria-label', `How students get ${name}`);
            row.querySelector('[data-given-points]').setAttribute('aria-label', `Points of ${name}`);
            row.querySelector('[data-for-summary]').setAttribute('aria-label', `For whom ${name} is`);
            row.querySelector('[data-given-up]').setAttribute('aria-label', `Move ${name} up`);
            row.querySelector('[data-given-off]').setAttribute('aria-label', `Take ${name} off`);
            this.#form.querySelector('[data-givens]').append(row);
            smallPages.watch(row);
        });
        this.#itemsMoved();
    }

    #itemsMoved() {
        this.#form.querySelectorAll('[data-given]').forEach((row, n) => {
            row.querySelectorAll('[name]').forEach((field) => {
                field.name = field.name.replace(/^items\[\w+\]/, `items[${n}]`);
            });
        });
        // What is on the list already is not offered again.
        const on = [...this.#form.querySelectorAll('[data-given]')].map(({ dataset }) => dataset.given);
        document.querySelectorAll('[data-other-row]').forEach((row) => {
            row.toggleAttribute('data-taken', on.includes(row.querySelector('input').value));
        });
        this.#say();
    }

    async #say() {
        this.#asked += 1;
        const asked = this.#asked;
        try {
            const { words, will, button, problems, found } = await request(
                'POST',
                this.#form.dataset.preview,
                undefined,
                {
                    body: new URLSearchParams(new FormData(this.#form)),
                },
            );
            if (asked !== this.#asked) return;
            this.#keptInPlace(() => {
                Object.entries(words).forEach(([name, said]) => {
                    this.#bracket(name).textContent = said;
                });
                this.#problems(problems);
            });
            this.#form.querySelector('[data-will]').textContent = will ?? 'Nobody gets anything yet.';
            this.#form.querySelector('[data-go]').textContent = button;
            const short = this.#form.querySelector('[data-found]');
            if (short) short.innerHTML = found;
        } catch (problem) {
            if (asked === this.#asked) this.#form.querySelector('[data-will]').textContent = problem.message;
        }
    }

    /** The sentence may take a line more or less; what is open below it stays under the hand that chooses there. */
    #keptInPlace(change) {
        const opened = this.#form.querySelector('[data-opened]:not([hidden])');
        const top = opened?.getBoundingClientRect().top;
        change();
        if (!opened) return;
        const main = opened.closest('main');
        const scroller = main.scrollHeight > main.clientHeight ? main : window; // a phone’s page is its own
        scroller.scrollBy(0, opened.getBoundingClientRect().top - top);
    }

    #problems(problems) {
        this.#form.querySelectorAll('[data-opened]').forEach((opened) => {
            const fields = opened.dataset.fields.split(' ').map((field) => field.replace('.*', '.'));
            const said = Object.entries(problems)
                .filter(([name]) =>
                    fields.some((field) => name === field || name.startsWith(`${field.replace(/\.$/, '')}.`)),
                )
                .map(([, words]) => words);
            opened.querySelector('[data-problem-of]').textContent = [...new Set(said)].join(' ');
            this.#bracket(opened.dataset.opened).classList.toggle('sentence__part--bad', said.length > 0);
        });
    }
}

new HandOut(document.querySelector('[data-hand-out]'));

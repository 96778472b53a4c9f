const has = (element, name) => element.classList.contains(name);

// What the job sheet counts, by station.
const COUNTED = {
    boxes: {
        one: 'answer box',
        many: 'answer boxes',
        of: (element) =>
            has(element, 'element--box') ? 1 : element.querySelectorAll('.table-cell--fill, .organiser__box').length,
    },
    parts: { one: 'part', many: 'parts', of: (element) => (has(element, 'element--part') ? 1 : 0) },
};

/** Keeps the counts on the job sheet true while this page changes: those of the other pages stay as they were. */
export class JobCounts {
    #elsewhere;

    constructor(elements) {
        this.#elsewhere = Object.fromEntries(
            Object.keys(COUNTED).map((station) => [
                station,
                parseInt(this.#place(station).textContent, 10) - this.#count(station, elements),
            ]),
        );
    }

    show(elements) {
        Object.entries(COUNTED).forEach(([station, { one, many }]) => {
            const all = this.#elsewhere[station] + this.#count(station, elements);
            this.#place(station).textContent = all === 1 ? `1 ${one}` : `${all} ${many}`;
        });
    }

    #count(station, elements) {
        return elements.reduce((sum, element) => sum + COUNTED[station].of(element), 0);
    }

    #place(station) {
        return document.querySelector(`[data-job-state=${station}]`);
    }
}

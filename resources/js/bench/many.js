import { points, unit } from './measures';
import { tidy } from './geometry';

/** What can be done with many things at once: lining up, spacing, grouping, locking, order, looks, repeats, room. */
export class Many {
    constructor(panel, stage, selection, { send, say, problem }) {
        Object.assign(this, { panel, stage, selection, send, problem });
        panel
            .querySelectorAll('[data-many]')
            .forEach((button) => button.addEventListener('click', () => this.does(...button.dataset.many.split(' '))));
        panel.querySelectorAll('[data-style]').forEach((button) =>
            button.addEventListener('click', () => {
                if (button.dataset.style === 'copy') {
                    [this.model] = selection.ids;
                    say('Looks copied.');
                    this.show(selection.ids);
                } else send({ kind: 'style', from: this.model, ids: selection.ids });
            }),
        );
        panel.querySelector('[data-times]').addEventListener('submit', (event) => {
            event.preventDefault();
            this.#times(event.target);
        });
        panel.querySelector('[data-room]')?.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#room(event.target);
        });
    }

    does(what, how) {
        const ids = this.selection.ids;
        if (ids.length === 0) return;
        this.send(
            {
                align: { kind: 'align', ids, to: how },
                space: { kind: 'space', ids, axis: how },
                stack: { kind: 'stack', ids },
                centre: { kind: 'centre', ids },
                same: { kind: 'same', ids, side: how },
                group: { kind: 'group', ids },
                ungroup: { kind: 'ungroup', ids },
                lock: { kind: 'lock', ids, locked: how === 'yes' },
                order: { kind: 'order', ids, to: how },
                down: { kind: 'down', ids: ids.slice(0, 1) },
                fill: { kind: 'fill', ids: ids.slice(0, 1) },
            }[what],
        );
    }

    /** Which of the verbs make sense for what is selected. */
    show(ids) {
        const elements = ids.map((id) => this.stage.data(id));
        const can = {
            space: ids.length > 2,
            stack: ids.length > 1,
            same: ids.length > 1,
            group: ids.length > 1,
            ungroup: elements.some((element) => element.group),
            down: ids.length === 1,
            fill: ids.length === 1,
        };
        this.panel.querySelectorAll('[data-many]').forEach((button) => {
            const [what, how] = button.dataset.many.split(' ');
            button.disabled =
                what === 'lock' ? !elements.some((element) => element.locked !== (how === 'yes')) : can[what] === false;
            // What cannot be done to these is not offered in words; in the picture each keeps its place.
            if (!button.closest('.arranger')) button.hidden = button.disabled;
            if (button.dataset.verbFor) button.hidden = ids.length !== 1 || elements[0].kind !== 'box';
        });
        const given = this.panel.querySelector('[data-style=paste]');
        given.hidden = !this.model || !this.stage.element(this.model) || ids.every((id) => id === this.model);
    }

    #times(form) {
        const { times, dx, dy } = Object.fromEntries(new FormData(form));
        const height = this.stage.bounds(this.selection.ids).height;
        const [across, down] = [points(dx === '' ? '0' : dx, unit.now), dy === '' ? height + 4 : points(dy, unit.now)];
        if (across === null || down === null) {
            this.problem('Type how far each repeat is from the last, as a number.');
            return;
        }
        this.send({
            kind: 'repeat',
            ids: this.selection.ids,
            dx: tidy(across),
            dy: tidy(down),
            times: Math.max(1, Math.min(100, Number(times) || 1)),
        });
    }

    #room(form) {
        const by = points(new FormData(form).get('by'), unit.now);
        if (by === null) {
            this.problem('Type how much room, as a number such as 20 or -20.');
            return;
        }
        this.send({ path: 'room', body: { at: this.stage.bounds(this.selection.ids).y, by: tidy(by) } });
    }
}

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
const COMMANDS = { d: 'repeat', c: 'copy', x: 'cut', a: 'all', y: 'redo', g: 'group', z: 'undo' };
const SHIFTED = { g: 'ungroup', z: 'redo' };

/** What the keys do on the bench. */
export class Keys {
    /** @param bench what they work on: see Bench */
    constructor(bench, list) {
        Object.assign(this, { bench, list });
        document.addEventListener('keydown', (event) => {
            if (list.open || bench.gestures.busy || event.target.closest('input, textarea, select, dialog')) return;
            const handled = event.ctrlKey || event.metaKey ? this.#command(event) : this.#plain(event);
            if (handled) event.preventDefault();
        });
    }

    #command(event) {
        const key = event.key.toLowerCase();
        if (key === 'v') {
            this.bench.clipboard.await();
            return false;
        }
        const verb = (event.shiftKey && SHIFTED[key]) || COMMANDS[key];
        if (!verb || (key === 'c' && String(window.getSelection()) !== '')) return false;
        if (!this.bench.hasNothingTo(verb)) this.bench.does(verb);
        return true;
    }

    #plain(event) {
        const { key } = event;
        // Letters work only while the page, or nothing, has the focus, so that they never surprise in the ledger.
        const onPage = this.bench.desk.contains(event.target) || event.target === document.body;
        if (onPage && this.#types(event)) {
            // The field has the focus before the letter goes in: it is written there.
            this.bench.write();
            return false;
        }
        if (onPage && !this.bench.selection.empty && this.#withSelection(event)) return true;
        const { laying } = this.bench;
        if (key === 'Escape') {
            if (laying.chosen) laying.choose(null);
            else this.bench.selection.clear();
            return true;
        }
        if (key === 'Enter' && laying.chosen && (onPage || event.target.closest('.tool'))) {
            laying.layInMiddle(this.bench.desk);
            return true;
        }
        const element = event.target.closest('.element');
        if (element && (key === 'Enter' || key === ' ')) {
            this.#press(element.dataset.id, event);
            return true;
        }
        if (key === 'PageUp' || key === 'PageDown') {
            this.bench.turn(key === 'PageUp' ? 'previousElementSibling' : 'nextElementSibling');
            return true;
        }
        return onPage && this.#letter(key);
    }

    /** A letter with a cell chosen is a word of the cell, not a tool. */
    #types({ key, altKey }) {
        return [...key].length === 1 && key !== ' ' && !altKey && this.bench.tables.place !== null;
    }

    #withSelection(event) {
        const arrow = ARROWS[event.key];
        if (arrow) {
            const [dx, dy] = arrow.map((value) => value * (event.shiftKey ? 10 : 1));
            if (event.altKey) this.bench.nudging.stretch(dx, dy);
            else this.bench.nudging.by(dx, dy);
        } else if (event.key === '[' || event.key === ']') {
            this.bench.many.does('order', event.key === '[' ? 'backward' : 'forward');
        } else if (event.key === 'Delete' || event.key === 'Backspace') {
            if (!this.bench.tables.empty()) this.bench.does('remove');
        } else return false;
        return true;
    }

    #press(id, { key, shiftKey, altKey }) {
        const { selection, traits } = this.bench;
        if (shiftKey) selection.toggle(id);
        else if (!selection.has(id) || key !== 'Enter') selection.only([id]);
        else if (altKey) traits.focus();
        else this.bench.write();
    }

    #letter(key) {
        const tool = this.bench.laying.tools.byKey[key];
        if (tool) this.bench.laying.toggle(tool);
        else if (key === 't') this.bench.takeAllBlanks();
        else if (key === '?') this.list.showModal();
        else return false;
        return true;
    }
}

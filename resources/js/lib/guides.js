const NEAR = 5; // pixels within which something dragged holds to a line

/**
 * Holds what is dragged to lines: edges, middles and gaps that the server found on this page. It changes a step a
 * little, and shows what it holds to.
 */
export class Guides {
    constructor(stage) {
        this.stage = stage;
        this.all = { x: [], y: [], gaps: [] };
        // A layer of its own, so that a mark that comes or goes leaves the layout of the page alone.
        this.layer = document.createElement('div');
        this.layer.className = 'guides';
    }

    /** They may come while something is dragged that was laid a moment ago: then it holds to them from there on. */
    set lines(lines) {
        this.all = lines;
        if (this.moving) this.#leaveOut(this.moving);
    }

    /** Forgets the lines of what moves itself. */
    begin(ids) {
        // Measured once: asked for again while something moves, it would make the browser lay the page out anew.
        this.scale = this.stage.scale;
        if (!this.layer.isConnected) this.stage.layer.append(this.layer);
        [this.width, this.height] = [this.stage.width, this.stage.height];
        this.#leaveOut(new Set(ids));
    }

    #leaveOut(moving) {
        this.moving = moving;
        const others = ([, owners]) => owners.length === 0 || owners.some((id) => !moving.has(id));
        const gaps = this.all.gaps.filter((gap) => !gap.ids.some((id) => moving.has(id)));
        this.now = {
            x: this.all.x.filter(others).map(([at]) => at),
            y: this.all.y.filter(others).map(([at]) => at),
            across: gaps.filter((gap) => gap.axis === 'across'),
            down: gaps.filter((gap) => gap.axis === 'down'),
        };
    }

    /** The step, held to the nearest line of each direction. */
    hold(frame, dx, dy) {
        const near = NEAR / this.scale;
        const x = this.#nearest(
            [frame.x, frame.x + frame.width / 2, frame.x + frame.width],
            dx,
            this.now.x,
            this.now.across,
            near,
        );
        const y = this.#nearest(
            [frame.y, frame.y + frame.height / 2, frame.y + frame.height],
            dy,
            this.now.y,
            this.now.down,
            near,
        );
        this.#show(x, y);
        return { dx: dx + (x?.by ?? 0), dy: dy + (y?.by ?? 0) };
    }

    /** One edge that is being pulled, in x or in y. */
    holdEdge(axis, at) {
        const near = NEAR / this.scale;
        const found = this.#nearest([at], 0, this.now[axis], [], near);
        this.#show(axis === 'x' ? found : this.shownX, axis === 'y' ? found : this.shownY);
        return at + (found?.by ?? 0);
    }

    end() {
        this.moving = null;
        this.#clear();
    }

    #clear() {
        this.shownX = this.shownY = null;
        this.layer.replaceChildren();
    }

    #nearest(edges, step, lines, gaps, near) {
        let best = null;
        const take = (by, found) => {
            if (Math.abs(by) <= near && (best === null || Math.abs(by) < Math.abs(best.by) - 0.01))
                best = { by, ...found };
        };
        edges.forEach((edge) => {
            const at = edge + step;
            // The lines are in order: only those around the edge can be the nearest.
            let low = 0;
            let high = lines.length;
            while (low < high) {
                const middle = (low + high) >> 1;
                if (lines[middle] < at) low = middle + 1;
                else high = middle;
            }
            if (low < lines.length) take(lines[low] - at, { line: lines[low] });
            if (low > 0) take(lines[low - 1] - at, { line: lines[low - 1] });
        });
        if (edges.length === 3)
            gaps.forEach((gap) => take(gap.at - (gap.edge === 'start' ? edges[0] : edges[2]) - step, { gap }));
        return best;
    }

    #show(x, y) {
        const same = (a, b) => a?.line === b?.line && a?.gap === b?.gap;
        if (same(x, this.shownX) && same(y, this.shownY)) return;
        this.#clear();
        [this.shownX, this.shownY] = [x, y];
        const { scale, width, height } = this;
        const mark = (className, style) => {
            const one = document.createElement('div');
            one.className = className;
            Object.assign(one.style, style);
            this.layer.append(one);
        };
        if (x?.line !== undefined)
            mark('guide guide--x', { left: `${x.line * scale}px`, top: 0, width: 0, height: `${height * scale}px` });
        if (y?.line !== undefined)
            mark('guide guide--y', { left: 0, top: `${y.line * scale}px`, width: `${width * scale}px`, height: 0 });
        [x?.gap, y?.gap].filter(Boolean).forEach((gap) => {
            const along = { from: gap.from * scale, size: (gap.to - gap.from) * scale };
            mark(
                `gap gap--${gap.axis}`,
                gap.axis === 'across'
                    ? { left: `${along.from}px`, width: `${along.size}px`, top: `${gap.beside * scale}px` }
                    : { top: `${along.from}px`, height: `${along.size}px`, left: `${gap.beside * scale}px` },
            );
        });
    }
}

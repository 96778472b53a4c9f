import { nearestJoint, Rests } from './rests';

/** Shows where what is dragged would come to rest, and what would take it. */
export class Resting {
    constructor(pieces) {
        this.pieces = pieces;
        this.mark = document.createElement('div');
        this.mark.className = 'rest';
    }

    /** @param {object} worked as OpenSlate\Parts\Rests has it */
    set worked(worked) {
        this.rests = new Rests(worked);
    }

    /**
     * @param {{x: number, y: number}} at where the middle of a part is
     * @returns {{x: number, y: number, spot?: string} | null} where its middle would be
     */
    of(key, at, near) {
        const { x, y, width, height } = this.pieces.box(key);
        const [dx, dy] = [at.x - x - width / 2, at.y - y - height / 2];
        const own = this.pieces.joints(key).map(([, jx, jy]) => ({ x: jx + dx, y: jy + dy }));
        const joint = own.length > 0 && nearestJoint(own, this.pieces.otherJoints(key), near);
        if (joint) return { x: at.x + joint.to.x - joint.from.x, y: at.y + joint.to.y - joint.from.y };
        const rest = this.rests.at(key, at, near);
        return rest?.x !== undefined && this.#isTaken(key, rest) ? { spot: rest.spot, ...at } : rest;
    }

    /** By one of which the server has not heard yet, so that it was not reckoned with. */
    #isTaken(key, { x, y }) {
        return Object.keys(this.pieces.carried).some((other) => {
            const middle = this.pieces.middle(other);
            return other !== key && Math.hypot(middle.x - x, middle.y - y) < 1;
        });
    }

    /** The same for an end of a connector. */
    ofEnd(key, at, near) {
        return nearestJoint([at], this.pieces.otherJoints(key), near)?.to ?? null;
    }

    show(key, at, near) {
        const rest = this.of(key, at, near);
        const { width, height } = this.pieces.box(key);
        const isTaken = rest?.x !== undefined;
        this.#light(isTaken ? rest.spot : undefined);
        this.#lay(isTaken ? { x: rest.x - width / 2, y: rest.y - height / 2, w: width, h: height } : null);
    }

    showEnd(key, at, near) {
        const to = this.ofEnd(key, at, near);
        this.#lay(to && { x: to.x - 8, y: to.y - 8, w: 16, h: 16 });
    }

    end() {
        this.#light(undefined);
        this.#lay(null);
    }

    #light(id) {
        if (this.lit?.dataset.spot === id) return;
        this.lit?.classList.remove('is-taking');
        this.lit = this.pieces.spots.find((spot) => spot.dataset.spot === id);
        this.lit?.classList.add('is-taking');
    }

    #lay(box) {
        if (!box) this.mark.remove();
        else {
            Object.entries(box).forEach(([name, value]) => this.mark.style.setProperty(`--${name}`, value));
            if (!this.mark.isConnected) this.pieces.layer.append(this.mark);
        }
    }
}

// Reads QR codes, drawn as SVG with one square of a QR code as its unit; one JSON list of them on standard input.
import jsqr from 'jsqr';
import { readFileSync } from 'node:fs';

const ZOOM = 4;

function read(svg) {
    const size = Number(/viewBox="0 0 (\d+)/.exec(svg)[1]);
    const [, path] = /<path d="([^"]+)" fill="#000"/.exec(svg);
    const side = size * ZOOM;
    const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
    for (const [, x, y, width] of path.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g))
        for (let row = y * ZOOM; row < (Number(y) + 1) * ZOOM; row++)
            for (let column = x * ZOOM; column < (Number(x) + Number(width)) * ZOOM; column++)
                pixels.fill(0, (row * side + column) * 4, (row * side + column) * 4 + 3);
    return jsqr(pixels, side, side)?.data ?? null;
}

process.stdout.write(JSON.stringify(JSON.parse(readFileSync(0, 'utf8')).map(read)));

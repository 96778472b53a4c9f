// Level lines that OpenCV sees on greyscale pictures (binary PGM), by its morphology: opened with a level bar, what is
// left and is thin is a line. Prints, for each picture, [left, middle, width] of each line in pixels.
// A file may say how far askew its page lies, clockwise and by the degree, as FILE@DEGREES: then it is a scan, which is
// set upright first, and parted from its paper by what is round each pixel.
// Usage: node tests/Reference/opencv-lines.mjs LENGTH FILE …
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';

let cv = createRequire(import.meta.url)('@techstark/opencv-js');
if (cv instanceof Promise) cv = await cv;
else if (!cv.Mat)
    await new Promise((ready) => {
        cv.onRuntimeInitialized = ready;
    });

const THICKEST = 6;
const [length, ...files] = process.argv.slice(2);

const pages = files.map((name) => {
    const [file, turned] = name.split('@');
    const bytes = readFileSync(file);
    const [head, width, height] = bytes
        .subarray(0, 40)
        .toString('latin1')
        .match(/^P5\s+(\d+)\s+(\d+)\s+255\s/);
    const grey = new cv.Mat(Number(height), Number(width), cv.CV_8UC1);
    grey.data.set(bytes.subarray(head.length));
    const ink = new cv.Mat();
    if (turned === undefined) cv.threshold(grey, ink, 0, 255, cv.THRESH_BINARY_INV + cv.THRESH_OTSU);
    else {
        const middle = new cv.Point(Number(width) / 2, Number(height) / 2);
        const back = cv.getRotationMatrix2D(middle, Number(turned), 1);
        const white = new cv.Scalar(255);
        cv.warpAffine(grey, grey, back, grey.size(), cv.INTER_LINEAR, cv.BORDER_CONSTANT, white);
        cv.adaptiveThreshold(grey, ink, 255, cv.ADAPTIVE_THRESH_GAUSSIAN_C, cv.THRESH_BINARY_INV, 31, 12);
    }
    const bar = cv.getStructuringElement(cv.MORPH_RECT, new cv.Size(Number(length), 1));
    cv.morphologyEx(ink, ink, cv.MORPH_OPEN, bar);
    const [labels, stats, middles] = [new cv.Mat(), new cv.Mat(), new cv.Mat()];
    const count = cv.connectedComponentsWithStats(ink, labels, stats, middles);
    const lines = [];
    for (let n = 1; n < count; n++) {
        const [left, top, across, down] = [0, 1, 2, 3].map((at) => stats.intAt(n, at));
        if (down <= THICKEST) lines.push([left, top + down / 2, across]);
    }
    return lines;
});
console.log(JSON.stringify(pages));

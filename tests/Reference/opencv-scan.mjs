// What OpenCV makes of four corners and of a picture: the matrices of getPerspectiveTransform, the thresholds of Otsu,
// and a picture laid flat by warpPerspective.
// Usage: node tests/Reference/opencv-scan.mjs < {"pairs":[[[x,y]×4,[x,y]×4]],"histograms":[[256 counts]],
//     "picture":{"file","width","height"},"corners":[x,y]×4,"size":[width,height],"flat":FILE}
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';

let cv = createRequire(import.meta.url)('@techstark/opencv-js');
if (cv instanceof Promise) cv = await cv;
else if (!cv.Mat)
    await new Promise((ready) => {
        cv.onRuntimeInitialized = ready;
    });

const { pairs, histograms, picture, corners, size, flat } = JSON.parse(readFileSync(0, 'utf8'));
const four = (points) => cv.matFromArray(4, 1, cv.CV_32FC2, points.flat());
const transform = (from, to) => cv.getPerspectiveTransform(four(from), four(to));
const matrices = pairs.map(([from, to]) => [...transform(from, to).data64F]);
const thresholds = histograms.map((counts) => {
    const levels = counts.flatMap((count, level) => Array(count).fill(level));
    const grey = cv.matFromArray(1, levels.length, cv.CV_8UC1, levels);
    return cv.threshold(grey, new cv.Mat(), 0, 255, cv.THRESH_BINARY + cv.THRESH_OTSU);
});
const grey = new cv.Mat(picture.height, picture.width, cv.CV_8UC1);
grey.data.set(readFileSync(picture.file));
const [width, height] = size;
const onto = [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
];
const made = new cv.Mat();
cv.warpPerspective(
    grey,
    made,
    transform(corners, onto),
    new cv.Size(width, height),
    cv.INTER_CUBIC,
    cv.BORDER_REPLICATE,
);
writeFileSync(flat, made.data);
console.log(JSON.stringify({ matrices, thresholds }));

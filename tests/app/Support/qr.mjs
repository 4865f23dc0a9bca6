// Reads a page as PPM (P6) from standard input and says, as JSON, what the code in its upper left says and how wide that is
// in pixels, by jsQR: on paper there may be several.
import { readFileSync } from 'node:fs';
import jsQR from 'jsqr';

const page = readFileSync(0);
const head = /^P6\s+(\d+)\s+(\d+)\s+255\s/.exec(page.subarray(0, 64).toString('latin1'));
const [width, height] = [Number(head[1]), Number(head[2])];
const [across, down] = [
    Math.ceil(width * Number(process.argv[2] ?? 1)),
    Math.ceil(height * Number(process.argv[3] ?? 1)),
];
const pixels = new Uint8ClampedArray(across * down * 4).fill(255);
for (let y = 0; y < down; y++)
    for (let x = 0; x < across; x++)
        for (let c = 0; c < 3; c++) pixels[(y * across + x) * 4 + c] = page[head[0].length + (y * width + x) * 3 + c];
const read = jsQR.default ?? jsQR;
const code = read(pixels, across, down);
const { topLeftCorner, topRightCorner } = code.location;
console.log(
    JSON.stringify([code.data, Math.hypot(topRightCorner.x - topLeftCorner.x, topRightCorner.y - topLeftCorner.y)]),
);

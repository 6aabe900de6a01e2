// Draws the app's icons (a fizzing jar) as PNG files, without any image library. Run again after changing the drawing.
import { Buffer } from 'node:buffer';
import { writeFile } from 'node:fs/promises';
import { deflateSync } from 'node:zlib';

const ink = [43, 30, 43];
const paper = [246, 240, 228];
const ginger = [226, 179, 94];
const foam = [255, 253, 246];
const glass = [221, 235, 234];

const inBox = (x, y, x0, y0, x1, y1, r) => {
  if (x < x0 || x > x1 || y < y0 || y > y1) return false;
  const cx = Math.min(Math.max(x, x0 + r), x1 - r);
  const cy = Math.min(Math.max(y, y0 + r), y1 - r);
  return Math.hypot(x - cx, y - cy) <= r;
};
const bubbles = [
  [0.4, 0.68, 0.035],
  [0.56, 0.74, 0.03],
  [0.5, 0.6, 0.026],
  [0.62, 0.62, 0.022],
  [0.38, 0.8, 0.022],
];

/** Colour of a point of the unit square. */
function paint(x, y) {
  if (bubbles.some(([bx, by, r]) => Math.hypot(x - bx, y - by) < r)) return foam;
  if (inBox(x, y, 0.29, 0.19, 0.71, 0.25, 0.03)) return ink;
  if (inBox(x, y, 0.24, 0.3, 0.76, 0.88, 0.12)) {
    if (!inBox(x, y, 0.275, 0.335, 0.725, 0.845, 0.09)) return ink;
    const surface = 0.5 + 0.012 * Math.sin(x * 40);
    return y < surface - 0.045 ? glass : y < surface ? foam : ginger;
  }
  return paper;
}

const crcTable = Array.from({ length: 256 }, (_, n) => {
  let c = n;
  for (let k = 0; k < 8; k++) c = c & 1 ? 0xedb88320 ^ (c >>> 1) : c >>> 1;
  return c >>> 0;
});
const crc = (bytes) => {
  let c = 0xffffffff;
  for (const byte of bytes) c = crcTable[(c ^ byte) & 255] ^ (c >>> 8);
  return (c ^ 0xffffffff) >>> 0;
};
const chunk = (name, data) => {
  const body = Buffer.concat([Buffer.from(name), data]);
  const out = Buffer.alloc(8);
  out.writeUInt32BE(data.length);
  out.writeUInt32BE(crc(body), 4);
  return Buffer.concat([out.subarray(0, 4), body, out.subarray(4)]);
};

function png(size) {
  const rows = [];
  const fine = 3;
  for (let y = 0; y < size; y++) {
    const row = Buffer.alloc(1 + size * 3);
    for (let x = 0; x < size; x++) {
      const sum = [0, 0, 0];
      for (let i = 0; i < fine * fine; i++) {
        const colour = paint(
          (x + ((i % fine) + 0.5) / fine) / size,
          (y + (Math.floor(i / fine) + 0.5) / fine) / size,
        );
        for (let c = 0; c < 3; c++) sum[c] += colour[c];
      }
      for (let c = 0; c < 3; c++) row[1 + x * 3 + c] = Math.round(sum[c] / fine ** 2);
    }
    rows.push(row);
  }
  const head = Buffer.alloc(13);
  head.writeUInt32BE(size, 0);
  head.writeUInt32BE(size, 4);
  head.set([8, 2, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([137, 80, 78, 71, 13, 10, 26, 10]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.concat(rows), { level: 9 })),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

for (const size of [192, 512]) await writeFile(`public/icon-${size}.png`, png(size));

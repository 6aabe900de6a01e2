import { display, plain } from '@/ui/theme/type';
import { codeOf } from './code';
import type { Label } from './label';
import { labelSize, layOut, type Face } from './label-layout';

/** Pixels in a millimetre: 300 to an inch. */
const px = 300 / 25.4;
const families: Readonly<Record<Face, string>> = { display, text: plain };
/** What is printed is black on white, whatever the theme. */
const paper = { ground: 'white', ink: 'black' } as const;

/** Draws a label on a canvas of its own, 300 dots to the inch, as it is printed. */
export function labelCanvas(label: Label): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(labelSize.width * px);
  canvas.height = Math.round(labelSize.height * px);
  const pen = canvas.getContext('2d')!;
  const take = (size: number, face: Face) => (pen.font = `${size * px}px ${families[face]}`);
  pen.fillStyle = paper.ground;
  pen.fillRect(0, 0, canvas.width, canvas.height);
  pen.fillStyle = paper.ink;
  const measure = (text: string, size: number, face: Face) => {
    take(size, face);
    return pen.measureText(text).width / px;
  };
  for (const mark of layOut(label, codeOf(label.link), measure)) {
    if (mark.kind === 'text') {
      take(mark.size, mark.face);
      pen.fillText(mark.text, mark.x * px, mark.y * px);
    } else
      pen.fillRect(
        Math.floor(mark.x * px),
        Math.floor(mark.y * px),
        Math.ceil(mark.width * px),
        Math.ceil(mark.height * px),
      );
  }
  return canvas;
}

/** All labels below each other as one picture. @returns the file's bytes as a PNG */
export async function labelsPng(labels: readonly Label[]): Promise<Blob> {
  const each = labels.map(labelCanvas);
  const gap = 12;
  const all = document.createElement('canvas');
  all.width = each[0]?.width ?? 1;
  all.height = each.reduce((sum, { height }) => sum + height + gap, 0);
  const pen = all.getContext('2d')!;
  pen.fillStyle = paper.ground;
  pen.fillRect(0, 0, all.width, all.height);
  let y = 0;
  for (const canvas of each) {
    pen.drawImage(canvas, 0, y);
    y += canvas.height + gap;
  }
  return new Promise((resolve, reject) =>
    all.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('the picture could not be made'))),
      'image/png',
    ),
  );
}

import type { Label } from './label';

/** One thing drawn on a label, millimetres from its upper left corner. */
export type Mark =
  | {
      readonly kind: 'text';
      readonly x: number;
      /** Its base line. */
      readonly y: number;
      readonly size: number;
      readonly face: Face;
      readonly text: string;
    }
  | {
      readonly kind: 'box';
      readonly x: number;
      readonly y: number;
      readonly width: number;
      readonly height: number;
    };

/** Display face for names and numbers, text face for the rest. */
export type Face = 'display' | 'text';

/** Width of a text, millimetres, at a size in millimetres. */
export type Measure = (text: string, size: number, face: Face) => number;

/** Black squares of a QR code, row by row, without its quiet edge. */
export interface Code {
  readonly size: number;
  readonly isDark: (row: number, column: number) => boolean;
}

/** A label, mm: two beside each other and five below each other fill a sheet of A4. */
export const labelSize = { width: 96, height: 54 } as const;
/** The sheet that label-pdf.ts is handed with the whole layout, mm. @public */
export const sheet = { width: 210, height: 297, columns: 2, rows: 5, left: 9, top: 13.5 } as const;
export const perSheet = sheet.columns * sheet.rows;

const margin = 4;
/** Side of the code: a phone reads a third of a millimetre a square. */
const codeSide = 25;
/** Size below which nobody reads a label at arm's length. */
const smallest = 2.5;

/** Where the label of that number lies on its sheet. */
export const placeOnSheet = (index: number): { readonly x: number; readonly y: number } => ({
  x: sheet.left + (index % sheet.columns) * labelSize.width,
  y: sheet.top + Math.floor((index % perSheet) / sheet.columns) * labelSize.height,
});

/** Breaks a text into lines no wider than a width; a word too long for a line is cut. */
export function lines(text: string, width: number, size: number, face: Face, measure: Measure): string[] {
  const out: string[] = [];
  let line = '';
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const longer = line ? `${line} ${word}` : word;
    if (measure(longer, size, face) <= width) {
      line = longer;
      continue;
    }
    if (line) out.push(line);
    line = word;
    while (measure(line, size, face) > width && line.length > 1) {
      let fits = line.length - 1;
      while (fits > 1 && measure(line.slice(0, fits), size, face) > width) fits--;
      out.push(line.slice(0, fits));
      line = line.slice(fits);
    }
  }
  return line ? [...out, line] : out;
}

/** Everything on a label: its name large, its bottle, when it is chilled, what is in it; its code at the right. */
export function layOut(label: Label, code: Code, measure: Measure): Mark[] {
  const side = labelSize.width - codeSide - 3 * margin;
  const marks: Mark[] = [];
  let y = margin;
  const write = (text: string, size: number, face: Face, width: number, most: number) => {
    const broken = lines(text, width, size, face, measure);
    const kept = broken.slice(0, most);
    if (broken.length > most) kept[most - 1] = `${kept[most - 1]!.slice(0, -1)}…`;
    for (const each of kept) {
      y += size * 1.18;
      marks.push({ kind: 'text', x: margin, y, size, face, text: each });
    }
  };
  write(label.name, 6, 'display', side, 2);
  write(label.bottle, 4.2, 'display', side, 1);
  if (label.other) write(label.other, 2.7, 'text', side, 2);
  write(label.filled, 2.7, 'text', side, 1);
  write(label.chill, 3, 'display', side, 2);
  y = Math.max(y, margin + codeSide + 1);
  const rest = labelSize.width - 2 * margin;
  for (const text of [label.alcohol, label.contents, label.cautions]) {
    const room = labelSize.height - margin / 2 - y;
    const most = Math.max(1, Math.floor(room / (smallest * 1.18)));
    write(text, smallest, 'text', rest, Math.min(text === label.contents ? 3 : 4, most));
    y += 0.5;
  }
  const square = codeSide / code.size;
  const [left, top] = [labelSize.width - margin - codeSide, margin];
  for (let row = 0; row < code.size; row++)
    for (let column = 0; column < code.size; column++)
      if (code.isDark(row, column))
        marks.push({
          kind: 'box',
          x: left + column * square,
          y: top + row * square,
          width: square,
          height: square,
        });
  return marks;
}

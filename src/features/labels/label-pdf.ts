import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import type * as Layout from './label-layout';
import { t } from '@/core/language/t';

/** Points in a millimetre. */
const pt = 72 / 25.4;
const ink = rgb(0.1, 0.07, 0.1);
const line = rgb(0.75, 0.7, 0.65);

export interface FontBytes {
  readonly display: ArrayBuffer | Uint8Array;
  readonly text: ArrayBuffer | Uint8Array;
}

/** Letters a font has not are shown as a question mark, so that a label never fails for its name, and never stays blank. */
const shown = (text: string, font: PDFFont): string =>
  [...text]
    .map((letter) => (font.getCharacterSet().includes(letter.codePointAt(0)!) ? letter : '?'))
    .join('');

/**
 * Labels as sheets of A4, ten to a sheet, with lines to cut along.
 *
 * @param labels what is drawn on each, for how wide its letters are
 * @param layout where things lie; handed in, since the page that asks has it loaded already
 * @returns the file's bytes
 */
export async function labelSheet(
  labels: readonly ((measure: Layout.Measure) => readonly Layout.Mark[])[],
  { labelSize, perSheet, placeOnSheet, sheet }: typeof Layout,
  bytes: FontBytes,
): Promise<Uint8Array> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  document.setTitle(t`Bottle labels`);
  document.setCreator(t`Yuzet`);
  const fonts: Record<Layout.Face, PDFFont> = {
    display: await document.embedFont(bytes.display, { subset: true }),
    text: await document.embedFont(bytes.text, { subset: true }),
  };
  const measure = (text: string, size: number, face: Layout.Face) =>
    fonts[face].widthOfTextAtSize(shown(text, fonts[face]), size);
  let page: PDFPage | null = null;
  labels.forEach((marksOf, index) => {
    if (!page || index % perSheet === 0) page = document.addPage([sheet.width * pt, sheet.height * pt]);
    const { x, y } = placeOnSheet(index);
    page.drawRectangle({
      x: x * pt,
      y: (sheet.height - y - labelSize.height) * pt,
      width: labelSize.width * pt,
      height: labelSize.height * pt,
      borderColor: line,
      borderWidth: 0.5,
    });
    for (const mark of marksOf(measure)) draw(page, mark, x, sheet.height - y, fonts);
  });
  return document.save();
}

/** @param left top where the label's upper left corner lies, mm from the sheet's lower left one */
function draw(
  page: PDFPage,
  mark: Layout.Mark,
  left: number,
  top: number,
  fonts: Record<Layout.Face, PDFFont>,
): void {
  const x = (left + mark.x) * pt;
  if (mark.kind === 'text')
    page.drawText(shown(mark.text, fonts[mark.face]), {
      x,
      y: (top - mark.y) * pt,
      size: mark.size * pt,
      font: fonts[mark.face],
      color: ink,
    });
  else
    page.drawRectangle({
      x,
      y: (top - mark.y - mark.height) * pt,
      // A hair wider, so that no white line shows between squares.
      width: mark.width * pt + 0.05,
      height: mark.height * pt + 0.05,
      color: rgb(0, 0, 0),
    });
}

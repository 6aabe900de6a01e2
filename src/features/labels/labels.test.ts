/** @jest-environment node */
import { readFileSync } from 'node:fs';
import jsQR from 'jsqr';
import { PDFDocument } from 'pdf-lib';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { journalOf } from '@/core/journal/journal';
import { lotOf } from '@/core/journal/household';
import { TestKitchen, dawn } from '@/core/forecast/kitchen.test-tool';
import { codeOf } from './code';
import { labelOf, type Label } from './label';
import { labelSize, layOut, lines, perSheet, placeOnSheet, type Measure } from './label-layout';
import * as Layout from './label-layout';
import { labelSheet } from './label-pdf';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';

/** Half a square a letter. */
const measure: Measure = (text, size) => text.length * size * 0.5;
const label: Label = {
  lotId: 'a',
  name: 'Sorrel and bay with an endless name that nobody could ever remember at the table',
  bottle: 'Bottle 2, one ring',
  other: 'twice the sugar',
  filled: 'Filled Mon 4 May 18:15',
  chill: 'Chill between Tue 5 May 05:15 and Tue 5 May 07:15',
  contents: `Made with ${'water, sugar, sorrel, '.repeat(20)}`,
  alcohol: 'Alcohol about 0.1–0.8 %',
  cautions: `Under pressure. ${'Mind it. '.repeat(30)}`,
  link: 'https://example.org/bottles/0mi81234500000ab1-1',
};

test('lines break between words, and within a word that is too long', () => {
  expect(lines('one two three', 5, 1, 'text', measure)).toEqual(['one two', 'three']);
  expect(lines('unbreakable', 2, 1, 'text', measure)).toEqual(['unbr', 'eaka', 'ble']);
  expect(lines('', 5, 1, 'text', measure)).toEqual([]);
});

test('everything lies on its label, and no words on the code', () => {
  const marks = layOut(label, codeOf(label.link), measure);
  const side = labelSize.width - 4 - 25;
  for (const mark of marks) {
    expect(mark.y).toBeLessThanOrEqual(labelSize.height);
    if (mark.kind === 'text') {
      expect(mark.x + measure(mark.text, mark.size, mark.face)).toBeLessThanOrEqual(labelSize.width - 2);
      if (mark.y < 29) expect(mark.x + measure(mark.text, mark.size, mark.face)).toBeLessThanOrEqual(side);
    } else expect(mark.x).toBeGreaterThanOrEqual(side);
  }
  expect(
    marks.filter(({ kind }) => kind === 'text').some((mark) => 'text' in mark && mark.text.endsWith('…')),
  ).toBe(true);
});

test('ten to a sheet, two beside each other', () => {
  expect(perSheet).toBe(10);
  expect([0, 1, 2, 9, 10].map(placeOnSheet)).toEqual([
    { x: 9, y: 13.5 },
    { x: 105, y: 13.5 },
    { x: 9, y: 67.5 },
    { x: 105, y: 229.5 },
    { x: 9, y: 13.5 },
  ]);
});

test('a code is read back as the link it was made of', () => {
  const code = codeOf(label.link);
  const scale = 4;
  const quiet = 4;
  const side = (code.size + 2 * quiet) * scale;
  const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
  for (let y = 0; y < side; y++)
    for (let x = 0; x < side; x++) {
      const [row, column] = [Math.floor(y / scale) - quiet, Math.floor(x / scale) - quiet];
      const inside = row >= 0 && column >= 0 && row < code.size && column < code.size;
      if (inside && code.isDark(row, column)) pixels.fill(0, (y * side + x) * 4, (y * side + x) * 4 + 3);
    }
  expect(jsQR(pixels, side, side)?.data).toBe(label.link);
});

test('a sheet is made whatever the name, eleven labels on two pages', async () => {
  const file = (name: string) => readFileSync(`assets/fonts/${name}`);
  const strange = { ...label, name: 'Квас 梅 and bay' };
  const marksOf = (each: Label) => (of: Measure) => layOut(each, codeOf(each.link), of);
  const bytes = await labelSheet([strange, ...Array.from({ length: 10 }, () => label)].map(marksOf), Layout, {
    display: file('bricolage-700-print.ttf'),
    text: file('atkinson-400-print.ttf'),
  });
  const text = Buffer.from(bytes).toString('latin1');
  expect(text.startsWith('%PDF-')).toBe(true);
  expect((await PDFDocument.load(bytes)).getPageCount()).toBe(2);
});

test('what a label says: what is in it, when to chill it in waking hours, the caution, the alcohol, its page', () => {
  const kitchen = new TestKitchen(22);
  const bug = kitchen.jar(-30, 'ginger-bug', [
    { what: 'water', ml: 500 },
    { what: 'ginger', grams: 20 },
  ]);
  const brew = kitchen.brew(0, 160);
  kitchen.draw(0.5, bug, brew, 100);
  kitchen.at(1, { kind: 'portions-added', lotId: brew, portions: [{ what: 'honey', grams: 30 }] });
  const id = kitchen.at(24, {
    kind: 'transferred',
    from: brew,
    taken: 'liquid',
    targets: [
      {
        begin: {
          role: 'bottle',
          name: 'b',
          vessel: { kind: 'swing-top', ml: 500 },
          closure: 'sealed',
          place: 'counter',
          mark: 'knot',
          variant: 'dry',
        },
        ml: 480,
      },
    ],
  });
  const { household } = journalOf(kitchen.entries, dawn + 30 * hourMs);
  const lot = lotOf(household, `${id}-1`)!;
  const answer = partOf<LotAnswer>({
    start: dawn,
    hours: [0, 50, 100],
    // From noon of the third day to three at night, which is brought before bed.
    chill: { earliest: 52, latest: 67 },
    series: {
      alcohol: [
        [0, 0, 0, 0, 0],
        [0.1, 0.2, 0.3, 0.4, 0.5],
        [9, 9, 9, 9, 9],
      ],
    },
  });
  const said = labelOf(lot, household, answer, 'http://localhost:9/brews/labels?brew=x&demo=1');
  expect(said).toMatchObject({
    name: 'Brew',
    bottle: 'Bottle b, a knot',
    other: 'dry',
    contents: 'Made with water, white sugar, honey, fresh ginger; live yeasts and bacteria.',
    alcohol: 'Alcohol about 0.1–0.5 % when chilled in time. An estimate: more if it is left.',
    link: `http://localhost:9/bottles/${id}-1?demo=1`,
  });
  expect(said.chill).toMatch(/^Chill between Tue 3 Mar 1\d:00 and 22:30$/);
  expect(said.cautions).toMatch(/^Under pressure: .* Honey: not for children under one year\.$/);
  const cold = labelOf({ ...lot, place: 'fridge' }, household, null, 'http://localhost:9/');
  expect(cold).toMatchObject({
    chill: 'Keep cold. Two days cold let the gas dissolve.',
    alcohol: 'Some alcohol.',
  });
  expect(cold.link).toBe(`http://localhost:9/bottles/${id}-1`);
});

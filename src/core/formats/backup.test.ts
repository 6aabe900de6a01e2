import { demoHousehold } from '../../demo/household';
import { example as amended } from '../journal/entries/amended/schema';
import { example as noted } from '../journal/entries/noted/schema';
import { readBackup } from './read-backup';
import { writeBackup } from './write-backup';

describe('the journal as a file', () => {
  const journal = demoHousehold(Date.UTC(2026, 4, 4, 18), 120);
  const text = writeBackup(journal, '2026-05-04T18:00:00Z', ['{"broken']);

  test('comes back whole, each id once; what was damaged goes along', () => {
    const read = readBackup(text);
    if (!read.ok) throw new Error(read.code);
    expect(new Set(read.value.map(({ id }) => id))).toEqual(new Set(journal.map(({ id }) => id)));
    expect(JSON.parse(text).damaged).toEqual(['{"broken']);
    const doubled = JSON.parse(text);
    doubled.entries.push(doubled.entries[0]);
    const twice = readBackup(JSON.stringify(doubled));
    expect(twice.ok && twice.value.length).toBe(journal.length);
  });

  test.each([
    ['damaged', () => text.slice(0, text.length - 200), 'backup.not-json'],
    ['foreign', () => '{"recipes":[]}', 'backup.foreign'],
    ['a number', () => '7', 'backup.foreign'],
    ['newer', () => text.replace('yuzet.journal/2', 'yuzet.journal/3'), 'backup.newer'],
    ['newer entries', () => text.replace('"version":2', '"version":9'), 'backup.newer'],
    ['an entry bent', () => text.replace('"celsius":20.5', '"celsius":"hot"'), 'backup.damaged'],
    ['without entries', () => '{"schema":"yuzet.journal/2"}', 'backup.no-entries'],
    ['20 MB of nonsense', () => 'x'.repeat(20_000_001), 'backup.too-large'],
    ['19 MB of brackets', () => '['.repeat(19_000_000), 'backup.not-json'],
    [
      'a correction that bends its entry',
      () =>
        text.replace(
          '"entries": [',
          `"entries": [${JSON.stringify({ ...amended, targetId: journal[0]!.id, patch: { celsius: 'hot' } })},`,
        ),
      'backup.correction-damaged',
    ],
  ])('%s is refused as a whole', (_, make, code) => {
    const read = readBackup(make());
    expect(read).toMatchObject({ ok: false, code });
  });

  test('a text of brackets in quotes is only a text', () => {
    const noteEntry = { ...noted, text: '[[[[[[[[[[[[[[[[[[[[[[[[[[[[{{{{{{{"\\"[' };
    const read = readBackup(writeBackup([noteEntry], 'x'));
    expect(read.ok && read.value).toEqual([noteEntry]);
  });

  test('brackets may nest 24 deep, in any shape; one deeper is no journal', () => {
    const nested = (open: string, close: string, depth: number) => open.repeat(depth) + close.repeat(depth);
    const lists = (depth: number) => readBackup(nested('[', ']', depth));
    const things = (depth: number) => readBackup(`${'{"a":'.repeat(depth)}1${'}'.repeat(depth)}`);
    expect([lists(24), things(24)].map((read) => !read.ok && read.code)).toEqual([
      'backup.foreign',
      'backup.foreign',
    ]);
    expect([lists(25), things(25)].map((read) => !read.ok && read.code)).toEqual([
      'backup.not-json',
      'backup.not-json',
    ]);
    // Side by side they do not add up, closed by either kind.
    const wide = readBackup(`[${'[],{},'.repeat(60)}0]`);
    expect(!wide.ok && wide.code).toBe('backup.foreign');
  });

  test('a quote in a quote ends nothing', () => {
    const tricky = { ...noted, text: `\\" ${'['.repeat(30)} \\\\` };
    expect(readBackup(writeBackup([tricky], 'x'))).toEqual({ ok: true, value: [tricky] });
    const ended = readBackup(`{"a":"\\\\","b":${'['.repeat(30)}${']'.repeat(30)}}`);
    expect(!ended.ok && ended.code).toBe('backup.not-json');
  });

  test('exactly 20 MB are read, nothing at all is refused', () => {
    const padded = `${text.trim().slice(0, -1)}${' '.repeat(20_000_000 - text.trim().length)}}`;
    expect([padded.length, readBackup(padded).ok]).toEqual([20_000_000, true]);
    for (const nothing of ['', 'null', '[]', '{"schema":7}'])
      expect(readBackup(nothing)).toMatchObject({ ok: false });
  });

  test('of two entries with one id the first stands', () => {
    const doubled = [noted, { ...noted, text: 'Other.' }];
    const read = readBackup(writeBackup([], 'x').replace('[\n\n ]', JSON.stringify(doubled)));
    expect(read).toEqual({ ok: true, value: [noted] });
  });

  test('a correction that leaves its entry whole is taken, one of what is not in the file too', () => {
    const correction = {
      ...amended,
      targetId: noted.id,
      id: '0mi81234600000ab1',
      patch: { text: 'Pears, ripe.' },
    };
    const stray = { ...correction, targetId: '0mi81230000000ab1' };
    expect(readBackup(writeBackup([noted, correction], 'x'))).toMatchObject({ ok: true });
    expect(readBackup(writeBackup([noted, stray], 'x'))).toMatchObject({ ok: true });
    const bent = readBackup(writeBackup([noted, { ...correction, patch: { text: '' } }], 'x'));
    expect(bent).toMatchObject({
      code: 'backup.correction-damaged',
      params: { because: { code: 'entry.invalid', params: { path: 'text' } } },
    });
  });

  test('an entry at fault is named by its place in the file', () => {
    const bent = readBackup(writeBackup([noted, { ...noted, id: '0mi81234600000ab1', text: '' }], 'x'));
    expect(bent).toMatchObject({
      code: 'backup.damaged',
      params: { number: 2, of: 2, because: { code: 'entry.invalid', params: { path: 'text' } } },
    });
  });

  test('is written oldest first, an entry a line, the damaged along only when there are any', () => {
    const later = { ...noted, id: '0mi81234600000ab1' };
    expect(writeBackup([later, noted], '2026-05-04T18:00:00Z')).toBe(
      `{\n "schema": "yuzet.journal/2",\n "writtenAt": "2026-05-04T18:00:00Z",\n "entries": [\n  ${JSON.stringify(noted)},\n  ${JSON.stringify(later)}\n ]\n}\n`,
    );
    expect(writeBackup([], 'x', ['a']).split('\n')[3]).toBe(' "damaged": ["a"],');
  });
});

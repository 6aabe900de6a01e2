import { refusal } from '@/core/refusals';
import type { Entry } from '@/core/journal/entry';
import { nextId } from '@/core/journal/instant-id';
import { aheadMs, journalOf } from '@/core/journal/journal';
import { readMode } from './household-mode';
import {
  added,
  emptied,
  journalReducer,
  noticed,
  opened,
  refused,
  replaced,
  saved,
  saveFailed,
  stuck,
  ticked,
  unreadable,
  wiped,
} from './journal-slice';
import { lookChosen, lookReducer, rememberLook } from './look-slice';
import { hourMs } from '@/core/duration';

const now = Date.UTC(2026, 4, 4, 18);
const warmed = (celsius: number, at = now): Entry => ({
  kind: 'temperature-set',
  place: 'counter',
  celsius,
  id: nextId({ ms: 0, count: 0 }, at + celsius, 'slic').id,
  at,
  offset: 60,
  version: 2,
});
const start = journalReducer(undefined, { type: 'nothing' });
const [first, second] = [warmed(20), warmed(21)];
const counter = (state: typeof start) =>
  state.journal.household.warmths.counter?.map(({ celsius }) => celsius);

describe('the journal in memory', () => {
  test('begins loading; opened it is ready, with what was damaged and recovered', () => {
    expect(start).toMatchObject({ status: 'loading', revision: 0, keeping: [], unsaved: [], recovered: 0 });
    const damaged = [{ key: 'entry:x', text: '', newer: false }];
    const state = journalReducer(
      start,
      opened({ journal: journalOf([first], now), damaged, recovered: 2, setAside: 1, now }),
    );
    expect(state).toMatchObject({ status: 'ready', revision: 1, damaged, recovered: 2 });
    expect(journalReducer(state, noticed())).toMatchObject({ recovered: 0, refused: null });
    expect(journalReducer(start, stuck()).status).toBe('stuck');
    expect(journalReducer(start, unreadable()).status).toBe('unreadable');
  });

  test('an entry shows at once and is marked until it is on disk', () => {
    const state = journalReducer(start, added({ entries: [first], now, keeping: true }));
    expect([counter(state), state.keeping, state.revision]).toEqual([[20], [first.id], 1]);
    expect(journalReducer(state, saved([first.id]))).toMatchObject({ keeping: [], unsaved: [], revision: 1 });
    const heard = journalReducer(state, added({ entries: [second], now, keeping: false }));
    expect(heard.keeping).toEqual([first.id]);
    const again = journalReducer(heard, added({ entries: [second], now, keeping: false }));
    expect(again.revision).toBe(heard.revision);
  });

  test('what could not be written is named once, until it is', () => {
    const state = [saveFailed([first.id]), saveFailed([first.id, second.id])].reduce(
      journalReducer,
      journalReducer(start, added({ entries: [first, second], now, keeping: true })),
    );
    expect([state.keeping, state.unsaved]).toEqual([[], [first.id, second.id]]);
    expect(journalReducer(state, saved([first.id])).unsaved).toEqual([second.id]);
  });

  test('a damaged record whose entry is written again is no loss any more', () => {
    const damaged = [
      { key: `entry:${first.id}`, text: '', newer: false },
      { key: 'entry:other', text: '', newer: false },
    ];
    const state = journalReducer(
      start,
      opened({ journal: journalOf([], now), damaged, recovered: 0, setAside: 0, now }),
    );
    expect(journalReducer(state, saved([first.id])).damaged).toEqual([damaged[1]]);
  });

  test('what the schema refuses leaves its sentence alone, and all is gone once noticed', () => {
    const state = journalReducer(journalReducer(start, refused(refusal('entry.newer'))), emptied(12));
    expect([state.refused, state.writtenBack, state.revision]).toEqual([refusal('entry.newer'), 12, 0]);
    expect(journalReducer(state, noticed())).toEqual(start);
  });

  test('an entry ahead of the clock is let in when its time comes', () => {
    const ahead = warmed(25, now + aheadMs + 1000);
    const state = journalReducer(start, added({ entries: [ahead], now, keeping: false }));
    expect([counter(state), state.journal.ahead]).toEqual([undefined, [ahead]]);
    expect(journalReducer(state, ticked(now))).toBe(state);
    expect(counter(journalReducer(state, ticked(now + 2000)))).toEqual([25]);
  });

  test('rebuilt elsewhere, or forgotten', () => {
    const journal = journalOf([first, second], now);
    const state = journalReducer(start, replaced({ journal, now }));
    expect([state.journal, state.revision]).toEqual([journal, 1]);
    expect(journalReducer(state, replaced({ journal, now }))).toBe(state);
    expect(journalReducer(state, wiped())).toMatchObject({
      status: 'ready',
      revision: 2,
      keeping: [],
      damaged: [],
    });
    expect(counter(journalReducer(state, wiped()))).toBeUndefined();
    expect(journalReducer(state, { type: 'other' })).toBe(state);
  });
});

describe('which household a tab shows', () => {
  const memory = (text: string | null = null) => {
    const kept = { text };
    return {
      getItem: () => kept.text,
      setItem: (_: string, value: string) => void (kept.text = value),
      kept,
    };
  };
  const later = now + hourMs;
  const instant = new Date(later).toISOString();

  test('the address first, then what the tab remembers, then what was served', () => {
    expect(readMode('?demo=1', now, memory(), null)).toEqual({ demo: true, clockShift: 0 });
    expect(readMode('?demo=0', now, memory(), 'demo')).toEqual({ demo: false, clockShift: 0 });
    expect(readMode('', now, memory(), 'demo')).toEqual({ demo: true, clockShift: 0 });
    expect(readMode('', now, memory(), 'own')).toEqual({ demo: false, clockShift: 0 });
    expect(readMode('', now, memory('{"demo":true,"clockShift":7}'), 'own')).toEqual({
      demo: true,
      clockShift: 7,
    });
    expect(readMode('', now, memory('{broken'), null)).toEqual({ demo: false, clockShift: 0 });
  });

  test('only the demo’s clock can be set', () => {
    expect(readMode(`?demo=1&now=${instant}`, now, memory(), null).clockShift).toBe(hourMs);
    expect(readMode(`?demo=0&now=${instant}`, now, memory(), null).clockShift).toBe(0);
    expect(readMode('?demo=1&now=someday', now, memory(), null).clockShift).toBe(0);
  });

  test('what was read is remembered', () => {
    const tab = memory();
    readMode(`?demo=1&now=${instant}`, now, tab, null);
    expect(JSON.parse(tab.kept.text!)).toEqual({ demo: true, clockShift: hourMs });
  });
});

test('the chosen light is kept for the next start; an odd word is none', () => {
  rememberLook('night');
  expect(lookReducer(undefined, { type: 'x' })).toEqual({ choice: 'night' });
  expect(lookReducer({ choice: 'night' }, lookChosen('day'))).toEqual({ choice: 'day' });
  localStorage.setItem('yuzet.look', 'dusk');
  expect(lookReducer(undefined, { type: 'x' })).toEqual({ choice: 'system' });
});

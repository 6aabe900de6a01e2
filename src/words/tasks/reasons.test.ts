import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import type { StarterAnswer } from '@/core/forecast/starter/starter-answer';
import { firstKind } from '@/core/cultures/registry';
import { drawReason } from '../starters/draw-reason';
import { counterWords, keepingWords } from '../bottles/keeping-words';
import { chillReason, drivers } from './reasons';
import { askedLook, lookWords } from './look-words';
import { usualWaking } from '@/core/kitchen/waking';
import { moment } from '../moment';
import { answer, bottles, brew, now } from '../household.test-tool';
import { hourMs } from '@/core/duration';
import { partOf } from '@/core/part-of.test-tool';

describe('why', () => {
  test('a chill window closes by what its maker accepts, and says which it was', () => {
    expect(chillReason(answer('strength'), 'swing-top', 24)).toBe(
      'at 24.0 °C the batch loses a bottle in one case of 200 then, all that you accept.',
    );
    expect(chillReason(answer('strength'), 'swing-top', 24, false)).toMatch(
      /loses a bottle in one case of 50 then/,
    );
    expect(chillReason(answer('limit'), 'swing-top', 24)).toMatch(
      /^at 24\.0 °C one batch in twenty passes 2\.8 bar/,
    );
    expect(chillReason(answer('limit'), 'swing-top', 24, false)).toMatch(
      /^at 24\.0 °C half of such batches pass 2\.8 bar/,
    );
  });

  test('a chill window closes for one of three reasons', () => {
    expect(chillReason(answer('limit', false), 'swing-top', 24)).toBe(
      'at 24.0 °C one in twenty is past 2.8 bar then. Its fizz is likely only gentle (1.6 vol): chill it on the flat side, or look before.',
    );
    expect(chillReason(answer('fizz'), 'swing-top', 24)).toBe(
      'at 24.0 °C it is sharp (3.0 vol) from then on, a quarter more than you want.',
    );
    expect(chillReason(answer('beyond-forecast'), 'swing-top', 24)).toBe(
      'at 24.0 °C it stays under the limit as far as the forecast looks.',
    );
    expect(chillReason({ chill: null } as LotAnswer, 'jar', 24)).toBe('');
  });

  const cold = (closes: 'limit' | 'fizz' | 'beyond-forecast', openBy: number, more: object = {}) =>
    partOf<LotAnswer>({
      start: now,
      wantedVolumes: 2.5,
      limitBar: 2.8,
      keeping: {
        openBy,
        closes,
        chanceAtEnd: 0.034,
        counter: {
          celsius: 22.5,
          limitHours: [5.2, 60],
          gaugeAfterDay: [2.1, 3.2, 3.6, 4.1, 4.9],
          ...more,
        },
      },
    });

  test('a chilled bottle: by when to open it, in the evening before when it is days off', () => {
    // 18:15 and 200 hours is a quarter past two at night: the evening before.
    expect(keepingWords(cold('limit', 200), now)).toEqual({
      title: `Open by ${moment(new Date(now + 176 * hourMs).setHours(20, 0, 0, 0), now)}`,
      because: 'even cold it goes on: by then one in twenty like it is past 2.8 bar, its limit.',
    });
    expect(keepingWords(cold('limit', -3), now)).toEqual({
      title: 'Open it soon, cold and slowly',
      because: 'even cold it goes on: by now one in twenty like it is past 2.8 bar, its limit.',
    });
    expect(keepingWords(cold('fizz', 20), now)!.because).toMatch(/it is likely sharp \(3\.8 vol\)/);
    expect(keepingWords(cold('beyond-forecast', 20), now)!.because).toBe(
      'it goes on slowly; the chance that it passes 2.8 bar by then is about 3 %.',
    );
    expect(keepingWords({ ...cold('fizz', 2), keeping: null } as LotAnswer, now)).toBeNull();
  });

  test('back on the counter: what it comes to and when it is past its limit, before it is moved', () => {
    expect(counterWords(cold('fizz', 20))).toEqual({
      text: 'Back at 22.5 °C it would come to about 3.6 bar (2.1–4.9 bar) within a day. One in twenty like it is past the 2.8 bar it is good for after 5 hours, half of them after 3 days.',
      danger: true,
    });
    expect(counterWords(cold('fizz', 20, { limitHours: [0, Infinity] }))!.text).toMatch(
      /as soon as it is warm\.$/,
    );
    expect(counterWords(cold('fizz', 20, { limitHours: [Infinity, Infinity] }))).toMatchObject({
      text: expect.stringMatching(/It stays under 2\.8 bar for four days there\.$/),
      danger: false,
    });
    expect(counterWords(cold('fizz', 20, { limitHours: [72, Infinity] }))!.danger).toBe(false);
  });

  test('the one look asked for: telling, awake, before the window closes', () => {
    const look = (hour: number, gain: number, decides: [number, number] = [5, 20]) => ({
      kind: 'squeeze' as const,
      hour,
      gain,
      decides,
    });
    const asked = (looks: readonly object[], latest = 40, waking = usualWaking) =>
      askedLook(partOf<LotAnswer>({ start: now, chill: { latest }, looks }), now, waking);
    // It is a quarter past six in the evening: in 2 hours somebody is up, in 8 nobody is.
    expect(asked([look(2, 0.2), look(8, 0.5), look(16, 0.4)])).toMatchObject({ hour: 16 });
    expect(asked([look(2, 0.2), look(16, 0.4)], 10)).toMatchObject({ hour: 2 });
    // Who is up until three is asked in 8 hours; who goes to bed at eight, not in two.
    expect(asked([look(8, 0.5), look(16, 0.4)], 40, { from: 660, to: 180 })).toMatchObject({ hour: 8 });
    expect(asked([look(2, 0.2)], 40, { from: 300, to: 1200 })).toBeNull();
    expect(asked([look(2, 0.14)])).toBeNull();
    expect(asked([look(2, 0.5, [5, 8])])).toBeNull();
    expect(asked([look(-4, 0.5)])).toBeNull();
    // Closed already: then now, whatever the hour.
    expect(asked([look(0, 0.3)], -1)).toMatchObject({ hour: 0 });
    expect(lookWords(look(16, 0.4), bottles[0]!, bottles[0]!, { start: now } as LotAnswer, now)).toBe(
      `Squeeze bottle 1 tomorrow 10:15: it decides between 23:15 and tomorrow 14:15.`,
    );
    // Glass: the soft one beside it is squeezed, or without one a cap is eased.
    expect(lookWords(look(16, 0.4), bottles[0]!, bottles[1]!, { start: now } as LotAnswer, now)).toMatch(
      /^Squeeze the pilot, bottle 2, tomorrow 10:15: it decides/,
    );
    expect(
      lookWords({ ...look(16, 0.4), kind: 'hiss' }, bottles[0]!, null, { start: now } as LotAnswer, now),
    ).toMatch(/^Ease the cap of bottle 1 tomorrow 10:15 and listen: it decides/);
    expect(
      lookWords({ ...look(0, 0.4), kind: 'sweet' }, brew, null, { start: now } as LotAnswer, now),
    ).toMatch(/^Sip Plum and bay now: /);
  });

  test('what a forecast was driven by, with its readings counted', () => {
    expect([drivers(22.46, 91.6, 0), drivers(22.4, 91, 1), drivers(22.4, 91, 4)]).toEqual([
      'Driven by 22.5 °C, 92 g/L of sugar and the starter; no reading yet, so the range is wide.',
      'Driven by 22.4 °C, 91 g/L of sugar and the starter; 1 reading.',
      'Driven by 22.4 °C, 91 g/L of sugar and the starter; 4 readings.',
    ]);
  });

  const starter = (opens: StarterAnswer['opens'], middle: number) =>
    partOf<StarterAnswer>({ opens, now: [0, 0, middle, 1, 1] });

  test('a new jar takes its days, more of them in the cold', () => {
    expect(drawReason(starter('ripening', 0), firstKind, 22)).toBe(
      'a new ginger bug, fed as it should be, takes 3–7 days at 22.0 °C.',
    );
    // At 18 °C a bug lives at (18−42)·16²/(32·(32·(−16)+8·0)) = 0.375 of its best, at 22 °C at 0.558: 1.49 times the days.
    expect(drawReason(starter('ripening', 0), firstKind, 18)).toContain('takes 4–10 days at 18.0 °C');
    expect(drawReason(starter('resting', 0), firstKind, 22)).toContain('regrows for a day');
    expect(drawReason(starter('waking', 0), firstKind, 22)).toContain(
      'wakes with a feed and warmth; at 22.0 °C',
    );
    expect(drawReason(starter('open', 0), firstKind, 22)).toContain('lively until its last feed is eaten');
  });
});

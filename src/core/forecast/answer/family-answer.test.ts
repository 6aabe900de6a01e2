import { stepper } from '../../ferment/run/compiled/stepper.test-tool';
import { gramsPerVolume } from '../../gas/co2-solubility';
import { strengthOf } from '../../vessels/strength';
import { doseVigour } from '../starter/ripeness';
import { allSeries, answerFamily, lotAnswer } from './family-answer';
import { handmadeRun, warmBottle, warmJar } from '../handmade.test-tool';
import { brewed, pitched } from '../kitchen.test-tool';
import type { LotAsk } from '../question/lot-ask';
import { keepingOf } from './keeping';
import { pressureCourse } from '../read-off/pressure-course';
import { seriesOf } from '../read-off/quantiles';
import { chillWindow, tasteWindow } from '../advice/windows';

const hours = Array.from({ length: 121 }, (_, hour) => hour);
/** Four kitchens: 0.02 to 0.05 volumes an hour, a gram of sugar for each quarter of a volume. */
const row = (m: number, hour: number) => ({
  CO2: 0.01 * (m + 2) * hour * gramsPerVolume,
  SUCROSE: 90 - 0.04 * (m + 2) * hour,
  PH: 4,
});
const sealed = handmadeRun({ hours, members: 4, row, stages: [{ ...warmBottle, hours: 120 }] });
const open = handmadeRun({ hours, members: 4, row, stages: [{ ...warmJar, hours: 120 }] });
const ask = (more: Partial<LotAsk> = {}): LotAsk => ({
  lotId: 'b',
  run: 0,
  wantedVolumes: 2.5,
  wantedSweetness: 82,
  limitBar: 2.8,
  sealedFromHour: 0,
  nowHour: 24,
  counterCelsius: null,
  looks: ['squeeze'],
  risk: { strength: strengthOf('swing-top')!, bottles: 2, caution: 'careful' },
  laterHours: 0,
  waking: null,
  pouredSweetness: 60,
  lookedHour: null,
  ...more,
});
const jar = ask({ limitBar: null, sealedFromHour: null, risk: null, looks: ['sweet'] });

describe('what is said of a lot', () => {
  test('the lanes of its run', () => {
    const { series, hours: told, lotId, start } = lotAnswer(ask(), 77, sealed);
    expect([told, lotId, start]).toEqual([hours, 'b', 77]);
    expect(series).toEqual({
      sweet: seriesOf(sealed, 'sweetnessGramsPerLitre'),
      fizz: seriesOf(sealed, 'heldVolumes'),
      gauge: seriesOf(sealed, 'gaugeBar'),
      ph: seriesOf(sealed, 'ph'),
      alcohol: seriesOf(sealed, 'abvPercent'),
    });
    expect(allSeries(sealed)).toEqual(series);
  });

  test('a sealed bottle is told when to chill and where its pressure goes; a jar when to taste', () => {
    const asked = ask({ laterHours: 6 });
    const bottle = lotAnswer(asked, 0, sealed);
    expect(bottle.chill).toEqual(chillWindow(sealed, 2.5, 2.8, 0, asked.risk, 6));
    expect(bottle.pressure).toEqual(pressureCourse(sealed, 2.8, asked.risk, 24));
    expect([bottle.taste, bottle.keeping]).toEqual([null, null]);
    const tasted = lotAnswer(jar, 0, open);
    expect(tasted.taste).toEqual(tasteWindow(open, 82));
    expect([tasted.chill, tasted.pressure, tasted.keeping]).toEqual([null, null, null]);
    // Sealed later than now, its pressure counts from then.
    expect(lotAnswer(ask({ sealedFromHour: 40 }), 0, sealed).pressure).toEqual(
      pressureCourse(sealed, 2.8, asked.risk, 40),
    );
  });

  test('a cold one how long it keeps', () => {
    const cold = handmadeRun({ hours, members: 4, row, stages: [{ ...warmBottle, hours: 120, celsius: 4 }] });
    expect(lotAnswer(ask({ counterCelsius: 21 }), 0, cold).keeping).toEqual(
      keepingOf(cold, { wantedVolumes: 2.5, limitBar: 2.8, nowHour: 24, counterCelsius: 21 }),
    );
    expect(lotAnswer({ ...jar, counterCelsius: 21 }, 0, open).keeping).toBeNull();
  });

  test('looks from now, or from its sealing, until three in four are ready, two days at most', () => {
    const at = (asked: LotAsk, run = sealed) => lotAnswer(asked, 0, run).looks.map(({ hour }) => hour);
    // They hold 2.5 volumes after 125, 83, 62.5 and 50 hours; the first counts as the end, 120.
    const all = at(ask());
    expect([all[0]! >= 24, all.at(-1)! <= 72, all.at(-1)! >= 70]).toEqual([true, true, true]);
    expect(at(ask({ sealedFromHour: 60, nowHour: 0 })).every((hour) => hour >= 60)).toBe(true);
    // 82 g/L are left after 100, 67, 50 and 40 hours; between the third quarter at 83 and 76 there is little time.
    const sips = at({ ...jar, nowHour: 76 }, open);
    expect(sips.every((hour) => hour >= 76 && hour <= 84)).toBe(true);
    expect(at(ask({ looks: [] }))).toEqual([]);
    const lone = handmadeRun({ hours, members: 1, row, stages: [{ ...warmBottle, hours: 120 }] });
    expect(at(ask(), lone)).toEqual([]);
  });
});

test('a family is answered lot by lot; its dose is as lively as its jar was', () => {
  const { kitchen, brew } = brewed(pitched);
  const bottles = kitchen.bottles(24, brew, 2);
  const question = kitchen.question(brew, 30);
  const { family } = question;
  const few = { ...question, family: { ...family, root: { ...family.root, members: 12 } } };
  const { answer, runs, runOf } = answerFamily(few, stepper);
  expect(answer).toMatchObject({ rootId: brew, start: question.start, members: 12, effectiveMembers: 12 });
  expect(answer.lots.map(({ lotId }) => lotId)).toEqual([brew, ...bottles]);
  expect(runOf).toEqual({ [brew]: 0, [bottles[0]!]: 1, [bottles[1]!]: 1 });
  expect(answer.lots[1]!.series).toEqual(allSeries(runs[1]!));
  const { mean, deviation } = answer.doseLiveliness!;
  const { vigour, vigourSpread } = runs[0]!.ferment;
  expect(vigour).toBeCloseTo(family.root.vigour * doseVigour(mean), 12);
  expect(vigourSpread).toBeCloseTo(
    Math.hypot(family.root.vigourSpread, (0.55 * deviation) / doseVigour(mean)),
    12,
  );
  const undrawn = answerFamily({ ...few, drawn: null }, stepper);
  expect(undrawn.answer.doseLiveliness).toBeNull();
  expect([undrawn.runs[0]!.ferment.vigour, undrawn.runs[0]!.ferment.vigourSpread]).toEqual([
    family.root.vigour,
    family.root.vigourSpread,
  ]);
});

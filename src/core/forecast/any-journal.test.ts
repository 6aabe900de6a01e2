import { stepper } from '../ferment/run/compiled/stepper.test-tool';
import fc from 'fast-check';
import type { Act, Entry } from '../journal/entry';
import { parseEntry } from '../journal/entry';
import { everyLot, lotOf } from '../journal/household';
import { nextId } from '../journal/instant-id';
import { journalOf } from '../journal/journal';
import { rootOf } from './question/family-members';
import { answerFamily } from './answer/family-answer';
import { familyQuestion } from './question/family-question';
import { liquidsOf } from './question/root-ferment';
import { sugarLeft } from './question/living-liquid';
import { answerStarter } from './starter/starter-answer';
import { starterQuestion } from './question/starter-question';
import { hourMs, minuteMs } from '../duration';

const dawn = Date.UTC(2026, 2, 1, 7);

/** Gaps between acts as makers have them: caught up at once, the same minute, an hour, a night, a holiday, forgotten. */
const gaps = [
  0,
  0,
  0,
  minuteMs,
  7 * minuteMs,
  hourMs,
  12 * hourMs,
  24 * hourMs,
  9 * 24 * hourMs,
  300 * 24 * hourMs,
];
/** How an instant is said: as it is, the whole hour before, the same as the act before. */
const sayings = ['now', 'now', 'whole-hour', 'as-before'] as const;
const verbs = ['bug', 'grains', 'whey', 'brew', 'pitch', 'pitch', 'bottle', 'bottle', 'feed', 'strain', 'fridge', 'warm', 'vent', 'gravity', 'squeeze', 'open', 'empty', 'celsius'] as const; // prettier-ignore

interface Step {
  readonly verb: (typeof verbs)[number];
  readonly gap: number;
  readonly said: (typeof sayings)[number];
  readonly n: number;
}

const steps = fc.array(
  fc.record<Step>({
    verb: fc.constantFrom(...verbs),
    gap: fc.constantFrom(...gaps),
    said: fc.constantFrom(...sayings),
    n: fc.nat(20),
  }),
  { minLength: 3, maxLength: 12 },
);

const syrup = (n: number) => [
  { what: 'water', ml: 1500 + 40 * n },
  { what: 'white-sugar', grams: 100 + 5 * n },
];
const jar = { vessel: { kind: 'jar', ml: 3000 }, closure: 'cloth', place: 'counter' } as const;

/** What a verb writes; null when there is nothing to do it with. */
function actOf(
  { verb, n }: Step,
  lots: { starters: string[]; brews: string[]; bottles: string[] },
): Act | null {
  const starter = lots.starters[n % Math.max(1, lots.starters.length)];
  const brew = lots.brews[n % Math.max(1, lots.brews.length)];
  const bottle = lots.bottles[n % Math.max(1, lots.bottles.length)];
  const lotId = bottle ?? brew ?? starter;
  const begun = (culture: string, portions: { what: string; grams?: number; ml?: number }[]): Act => ({
    kind: 'lot-begun', role: 'starter', name: culture, ...jar, culture, portions,
  }); // prettier-ignore
  if (verb === 'bug') return begun('ginger-bug', [{ what: 'water', ml: 400 }, { what: 'ginger', grams: 20 }, { what: 'white-sugar', grams: 20 }]); // prettier-ignore
  if (verb === 'grains') return begun('water-kefir-grains', [{ what: 'water', ml: 900 }, { what: 'kefir-grains', grams: 60 }, { what: 'white-sugar', grams: 60 }]); // prettier-ignore
  if (verb === 'whey') return begun('whey', [{ what: 'whey', ml: 200 }]);
  if (verb === 'brew')
    return {
      kind: 'lot-begun', role: 'brew', name: 'Base', ...jar, closure: n % 3 ? 'airlock' : 'sealed',
      recipe: { base: 'ginger-tea', wantedVolumes: 2.5 }, portions: syrup(n),
    }; // prettier-ignore
  if (verb === 'pitch')
    return starter && brew
      ? { kind: 'transferred', from: starter, taken: 'liquid', targets: [{ lotId: brew, ml: 40 + 5 * n }] }
      : null;
  if (verb === 'bottle')
    return brew
      ? {
          kind: 'transferred', from: brew, taken: 'liquid',
          targets: [1, 2, 3].map((i) => ({
            ml: 480,
            begin: { role: 'bottle' as const, name: String(i), vessel: { kind: 'swing-top' as const, ml: 500 }, closure: 'sealed' as const, place: 'counter' as const },
            ...(n % 2 ? { portions: [{ what: 'white-sugar', grams: 2 * i }] } : {}),
          })),
        } // prettier-ignore
      : null;
  if (verb === 'feed')
    return starter ? { kind: 'portions-added', lotId: starter, portions: [{ what: 'ginger', grams: 10 }, { what: 'white-sugar', grams: 10 }] } : null; // prettier-ignore
  if (verb === 'strain')
    return starter
      ? { kind: 'transferred', from: starter, taken: 'liquid', targets: [{ ml: 700, begin: { role: 'brew', name: 'Drawn', ...jar, recipe: { base: 'mineral-sugar', wantedVolumes: 2.5 } } }] } // prettier-ignore
      : null;
  if (verb === 'empty') return brew ? { kind: 'transferred', from: brew, taken: 'everything', targets: [{ ml: 9000 }] } : null; // prettier-ignore
  if (verb === 'celsius') return { kind: 'temperature-set', place: 'counter', celsius: 15 + n };
  if (!lotId) return null;
  if (verb === 'fridge') return { kind: 'moved', lots: [lotId], place: 'fridge' };
  if (verb === 'warm') return { kind: 'moved', lots: [lotId], place: 'warm-shelf' };
  if (verb === 'vent') return { kind: 'vented', lots: [lotId], long: n % 2 === 0 };
  if (verb === 'gravity') return { kind: 'measured', lotId, quantity: 'sg', value: 1 + n / 400 };
  if (verb === 'squeeze')
    return bottle ? { kind: 'observed', lotId: bottle, signs: { squeeze: 'firm' } } : null;
  return bottle ? { kind: 'opened', lotId: bottle, how: 'lively' } : null;
}

/** The journal that steps write, and the instant after the last. */
function lived(list: readonly Step[]): { entries: Entry[]; now: number } {
  const entries: Entry[] = [];
  const lots = { starters: [] as string[], brews: [] as string[], bottles: [] as string[] };
  let clock = { ms: 0, count: 0 };
  let now = dawn;
  let before = dawn;
  for (const step of list) {
    now += step.gap;
    const act = actOf(step, lots);
    if (!act) continue;
    const next = nextId(clock, now, 'rand');
    clock = next.clock;
    const at =
      step.said === 'now' ? now : step.said === 'as-before' ? before : Math.floor(now / hourMs) * hourMs;
    before = at;
    const entry = parseEntry({ ...act, id: next.id, at, offset: 0, version: 2 });
    if (!entry.ok) throw new Error(entry.code);
    entries.push(entry.value);
    if (act.kind === 'lot-begun') (act.role === 'starter' ? lots.starters : lots.brews).push(next.id);
    if (act.kind === 'transferred')
      act.targets.forEach(({ begin }, i) => {
        if (begin) (begin.role === 'bottle' ? lots.bottles : lots.brews).push(`${next.id}-${i + 1}`);
      });
  }
  return { entries, now };
}

/** Every number of an answer, with where it stands. */
function* numbersOf(value: unknown, at = ''): Generator<[string, number]> {
  if (typeof value === 'number') yield [at, value];
  else if (value && typeof value === 'object')
    for (const [key, each] of Object.entries(value)) yield* numbersOf(each, `${at}.${key}`);
}

const few = <T extends { readonly members: number }>(ferment: T): T => ({ ...ferment, members: 12 });

test('whatever makers write down, at once, in whole hours, or after most of a year: no question and no answer stumbles', () => {
  fc.assert(
    fc.property(steps, fc.boolean(), (list, wholeHour) => {
      const { entries, now: last } = lived(list);
      const now = wholeHour ? Math.floor(last / hourMs) * hourMs : last;
      const { household } = journalOf(entries, now);
      const find = (id: string) => lotOf(household, id);
      const { warmths } = household;
      for (const lot of everyLot(household)) {
        const asked = starterQuestion({ lot, warmths, learned: null, now, aheadHours: 24 });
        if (asked) {
          const answer = answerStarter({ ...asked, ferment: few(asked.ferment) }, stepper);
          expect([...numbersOf(answer)].filter(([, value]) => Number.isNaN(value))).toEqual([]);
        }
        if (lot.role === 'starter' || rootOf(lot, find) !== lot) continue;
        const question = familyQuestion({ root: lot, find, warmths, learned: () => null, now, household });
        if (!question) continue;
        const { root } = question.family;
        const drawn = question.drawn && { ...question.drawn, ferment: few(question.drawn.ferment) };
        const { answer } = answerFamily(
          {
            ...question,
            drawn,
            family: { ...question.family, root: few(root) },
          },
          stepper,
        );
        expect([...numbersOf(answer)].filter(([, value]) => Number.isNaN(value))).toEqual([]);
      }
    }),
    { seed: 3, numRuns: 40 },
  );
});

test('sugar per litre never rises without an addition: a forecast begins with what was mixed, whatever left in the same minute', () => {
  fc.assert(
    fc.property(steps, (list) => {
      const { entries, now } = lived(list);
      const { household } = journalOf(entries, now);
      const find = (id: string) => lotOf(household, id);
      for (const lot of everyLot(household)) {
        if (lot.role !== 'brew' || rootOf(lot, find) !== lot) continue;
        const question = familyQuestion({
          root: lot,
          find,
          warmths: household.warmths,
          learned: () => null,
          now,
          household,
        });
        if (!question) continue;
        const { sucrose, glucose, fructose } = question.family.root.sugars;
        // No syrup of these steps is sweeter than 200 g in 1.6 litres, 117 g/L; what is drawn of a jar is weaker.
        expect(sucrose + glucose + fructose).toBeLessThan(120);
      }
    }),
    { seed: 5, numRuns: 150 },
  );
});

test('mixed, pitched and bottled in one minute: 80 g/L stay 80 g/L', () => {
  const list: Step[] = [
    { verb: 'bug', gap: 0, said: 'now', n: 0 },
    { verb: 'brew', gap: 0, said: 'now', n: 5 },
    { verb: 'pitch', gap: 0, said: 'now', n: 0 },
    { verb: 'bottle', gap: 0, said: 'now', n: 0 },
  ];
  const { entries, now } = lived(list);
  const { household } = journalOf(entries, now);
  const brew = everyLot(household).find(({ role }) => role === 'brew')!;
  const question = familyQuestion({
    root: brew,
    find: (id) => lotOf(household, id),
    warmths: household.warmths,
    learned: () => null,
    now,
    household,
  })!;
  const { sugars, liquidLitres, amountPerLitre, stages } = question.family.root;
  // 125 g of sugar in 1700 ml of water and 40 ml of a bug that is a minute old; 1440 ml went into bottles.
  const bug = everyLot(household).find(({ role }) => role === 'starter')!;
  const left = sugarLeft(bug, liquidsOf(household), now)!;
  const litres = (1700 * 1.0018 + 125 * 0.621 + 40) / 1000;
  expect(sugars.sucrose).toBeCloseTo((125 + 0.04 * left) / litres, 0);
  expect(liquidLitres).toBeCloseTo(litres, 1);
  // The dose is what it was a litre, in the bottles and in what is left.
  expect(amountPerLitre).toBeCloseTo(40 / litres, 0);
  expect(stages[0]!.liquidMl).toBeCloseTo(1000 * litres - 1440, -1);
});

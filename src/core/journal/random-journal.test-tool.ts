import fc from 'fast-check';
import { versionOf, type Act, type Entry } from './entry';
import { nextId } from './instant-id';
import { hourMs } from '../duration';
import { partOf } from '../part-of.test-tool';

/** Instant the random kitchens begin at. */
export const dawn = Date.UTC(2026, 2, 1);

/** One a kind of entry, and several for those that move liquid: between them every kind is written (see journal.test.ts). */
const verbs = [
  'begin', 'add', 'pour', 'bottle', 'lift', 'move', 'vent', 'look', 'open', 'warm', 'undo', 'amend', 'keep',
  'measure', 'taste', 'note', 'stir', 'close', 'end', 'step', 'picture',
] as const; // prettier-ignore

/** A random act over lots named by number: what is said of a lot that is not there must change nothing. */
interface Step {
  readonly verb: (typeof verbs)[number];
  readonly a: number;
  readonly b: number;
  readonly amount: number;
  /** Hours before the clock that it is said to have happened. */
  readonly back: number;
  /** Whether it is part of the act before it. */
  readonly joins: boolean;
}

export const steps = fc.array(
  fc.record<Step>({
    verb: fc.constantFrom(...verbs),
    a: fc.nat(30),
    b: fc.nat(30),
    amount: fc.double({ min: 1, max: 800, noNaN: true }),
    joins: fc.boolean(),
    back: fc.oneof(fc.constant(0), fc.constant(0), fc.double({ min: 0, max: 60, noNaN: true })),
  }),
  { minLength: 3, maxLength: 40 },
);

/** The entries that random steps write, one an hour. */
export function written(list: readonly Step[]): Entry[] {
  const entries: Entry[] = [];
  const lots: string[] = [];
  let clock = { ms: 0, count: 0 };
  let leader: string | null = null;
  list.forEach((step, index) => {
    const now = dawn + (index + 70) * hourMs;
    const next = nextId(clock, now, 'rand');
    clock = next.clock;
    const act = actOf(step, lots, entries, index === 0);
    if (!act) return;
    entries.push({
      ...act,
      id: next.id,
      at: Math.round(now - step.back * hourMs),
      offset: 0,
      version: versionOf(act.kind),
      ...(step.joins && leader ? { group: leader } : {}),
    } as Entry);
    if (!step.joins) leader = next.id;
    if (act.kind === 'lot-begun') lots.push(next.id);
    if (act.kind === 'transferred')
      act.targets.forEach((target, i) => target.begin && lots.push(`${next.id}-${i + 1}`));
  });
  return entries;
}

function actOf(
  { verb, a, b, amount }: Step,
  lots: readonly string[],
  entries: readonly Entry[],
  first: boolean,
): Act | null {
  const lot = lots[a % Math.max(1, lots.length)];
  const other = lots[b % Math.max(1, lots.length)];
  if (first || verb === 'begin')
    return {
      kind: 'lot-begun',
      role: a % 2 ? 'starter' : 'brew',
      name: `Lot ${a}`,
      vessel: { kind: 'jar', ml: 3000 },
      closure: 'cloth',
      place: 'counter',
      culture: a % 2 ? 'ginger-bug' : null,
      portions: [
        { what: 'water', ml: 200 + amount },
        { what: 'white-sugar', grams: amount / 8 },
        { what: 'ginger', grams: amount / 10 },
      ],
    };
  if (!lot || !other) return null;
  switch (verb) {
    case 'add':
      return {
        kind: 'portions-added',
        lotId: lot,
        portions: [
          { what: b % 2 ? 'pear' : 'honey', grams: amount / 6 },
          { what: 'water', ml: amount / 3 },
        ],
      };
    case 'pour':
      return lot === other
        ? null
        : {
            kind: 'transferred',
            from: lot,
            taken: b % 3 ? 'liquid' : 'everything',
            targets: [{ lotId: other, ml: amount }],
          };
    case 'bottle':
      return {
        kind: 'transferred',
        from: lot,
        taken: 'liquid',
        targets: [1, 2].map((n) => ({
          begin: {
            role: 'bottle' as const,
            name: String(n),
            vessel: { kind: 'swing-top' as const, ml: 500 },
            closure: 'sealed' as const,
            place: 'counter' as const,
          },
          ml: Math.min(480, amount),
          portions: [{ what: 'white-sugar', grams: n * 2 }],
        })),
      };
    case 'lift':
      return lot === other
        ? null
        : {
            kind: 'transferred',
            from: lot,
            taken: 'solids',
            targets: [{ lotId: other, grams: amount / 10 }, { grams: amount / 20 }],
          };
    case 'move':
      return { kind: 'moved', lots: [lot], place: b % 2 ? 'fridge' : 'counter' };
    case 'vent':
      return { kind: 'vented', lots: [lot], long: false };
    case 'look':
      return { kind: 'observed', lotId: lot, signs: { foam: 'good' } };
    case 'open':
      return { kind: 'opened', lotId: lot, how: 'lively', sweet: 3, sour: 2 };
    case 'warm':
      return { kind: 'temperature-set', place: b % 2 ? 'counter' : 'cupboard', celsius: 15 + (a % 12) };
    case 'measure':
      return b % 3
        ? { kind: 'measured', lotId: lot, quantity: 'sg', value: 1 + (a % 9) / 100 }
        : { kind: 'measured', lotId: lot, quantity: 'ml', value: Math.round(amount) };
    case 'taste':
      return { kind: 'tasted', lotId: lot, sweet: 1 + (a % 5), liking: 1 + (b % 5) };
    case 'note':
      return { kind: 'noted', lotId: b % 4 ? lot : null, text: `Note ${a}` };
    case 'stir':
      return { kind: 'stirred', lots: b % 2 && lot !== other ? [lot, other] : [lot] };
    case 'close':
      return { kind: 'closed', lots: [lot], closure: b % 2 ? 'sealed' : 'loose-lid' };
    case 'end':
      return { kind: 'ended', lots: [lot], how: b % 2 ? 'drunk' : 'discarded', why: '' };
    case 'step':
      return { kind: 'step-taken', lotId: lot, step: b % 2 ? 'strain' : 'infused', done: a % 3 > 0 };
    case 'picture':
      return { kind: 'pictured', lotId: lot, sha256: (b % 10).toString().repeat(64) };
    case 'keep':
      return {
        kind: 'kept',
        thing: 'person',
        key: `p${a % 4}`,
        value: b % 5 ? { name: `P${b}`, stopsAt: null } : null,
      };
    case 'undo': {
      const target = entries[a % entries.length];
      return target ? { kind: 'undone', targetId: target.id } : null;
    }
    case 'amend': {
      const target = entries[a % entries.length];
      if (target?.kind === 'portions-added')
        return {
          kind: 'amended',
          targetId: target.id,
          patch: { portions: [{ what: 'honey', grams: amount / 9 }] },
        };
      if (target?.kind === 'transferred' && target.targets.length === 1)
        return {
          kind: 'amended',
          targetId: target.id,
          patch: { targets: partOf([{ ...target.targets[0]!, ml: amount / 2 }]) },
        };
      return target && target.kind !== 'undone' && target.kind !== 'amended'
        ? { kind: 'amended', targetId: target.id, patch: { at: target.at - 5 * hourMs } }
        : null;
    }
    default:
      return null;
  }
}

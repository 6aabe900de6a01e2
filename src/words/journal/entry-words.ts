import { tasteKinds } from '@/core/lots/lot';
import type { Entry, EntryOf } from '@/core/journal/entry';
import type { SignKind } from '@/core/lots/signs';
import type { Household } from '@/core/journal/household';
import { targetLotId } from '@/core/lots/transfer';
import { vesselKind } from '@/core/vessels/vessel-kinds';
import { grams, litres, number, portionsWords, volume } from '../amounts';
import {
  closureWords,
  endingWords,
  nameOfLot,
  openingWords,
  placeWords,
  quantityWords,
  signSaid,
} from '../names';
import { tasteSaid } from '../taste-words';
import { settingWords } from './setting-words';
import { capital } from '@/core/capital';
import { plural, t } from '@/core/language/t';

/** An entry as its lot's ledger tells it, seen from one lot where it speaks of several. */
export function entryWords(entry: Entry, household: Household, seenFrom?: string): string {
  const lots = (ids: readonly string[]) =>
    seenFrom !== undefined ? '' : `: ${ids.map((id) => nameOfLot(id, household)).join(', ')}`;
  switch (entry.kind) {
    case 'lot-begun':
      return `${entry.role === 'starter' ? t`Begun with` : t`Mixed:`} ${portionsWords(entry.portions)}`;
    case 'portions-added':
      return t`Added ${portionsWords(entry.portions)}`;
    case 'transferred':
      return transferWords(entry, household, seenFrom);
    case 'stirred':
      return t`Stirred${lots(entry.lots)}`;
    case 'vented':
      return `${entry.long ? t`Vented until still` : t`Burped`}${lots(entry.lots)}`;
    case 'closed':
      return t`Closed: ${closureWords[entry.closure]}${lots(entry.lots)}`;
    case 'moved':
      return entry.vessel
        ? t`Into a ${litres(entry.vessel.ml)} jar${lots(entry.lots)}`
        : t`To the ${placeWords[entry.place]}${lots(entry.lots)}`;
    case 'observed':
      return t`Looked: ${signLine(entry.signs)}`;
    case 'measured':
      return measuredWords(entry);
    case 'tasted':
      return t`Tasted: ${tasteLine(entry)}${entry.by ? t`, by ${entry.by}` : ''}`;
    case 'opened':
      return t`Opened, ${openingWords[entry.how]}${entry.lostMl ? t`, ${Math.round(entry.lostMl)} ml lost` : ''}`;
    case 'ended':
      return `${endingWords[entry.how]}${entry.why ? `: ${entry.why}` : ''}`;
    case 'temperature-set':
      return t`${capital(placeWords[entry.place])} ${entry.celsius.toFixed(1)} °C`;
    case 'step-taken':
      return t`Brew day: ${entry.step}${entry.done ? '' : t`, skipped`}`;
    case 'noted':
      return entry.text;
    case 'pictured':
      return t`A photo`;
    case 'kept':
      return settingWords(entry, household);
    case 'amended':
      return t`A correction`;
    case 'undone':
      return t`Taken back`;
  }
}

const signLine = (signs: EntryOf<'observed'>['signs']) =>
  Object.entries(signs)
    .flatMap(([kind, value]) => (value === undefined ? [] : [signSaid(kind as SignKind, value)]))
    .join(', ');

const tasteLine = (entry: EntryOf<'tasted'>) =>
  tasteKinds.flatMap((kind) => (entry[kind] === undefined ? [] : [tasteSaid(kind, entry[kind])])).join(', ');

function measuredWords({ quantity, value }: EntryOf<'measured'>): string {
  const { title, unit, digits } = quantityWords[quantity];
  return t`${title} ${value.toFixed(digits)}${unit ? ` ${unit}` : ''}`;
}

function transferWords(entry: EntryOf<'transferred'>, household: Household, seenFrom?: string): string {
  const ids = entry.targets.map((target, index) =>
    target.begin ? targetLotId(entry.id, index) : (target.lotId ?? null),
  );
  const isAll = (index: number) =>
    entry.targets[index]!.grams === undefined && entry.targets[index]!.ml === undefined;
  const amount = (index: number) => {
    const { ml, grams: g } = entry.targets[index]!;
    return g !== undefined ? grams(g) : ml !== undefined ? volume(ml) : t`all of it`;
  };
  const taken = (index: number) => {
    const said = amount(index);
    if (entry.taken !== 'solids') return `${said} ${takenWords[entry.taken]}`;
    return isAll(index) ? t`all the solids` : t`${said} of solids`;
  };
  const mine = seenFrom === undefined ? -1 : ids.indexOf(seenFrom);
  if (mine >= 0) {
    const extra = entry.targets[mine]!.portions ?? [];
    const warm = entry.celsius === undefined ? '' : t` at ${number(entry.celsius)} °C`;
    return t`${taken(mine)}${entry.taken === 'solids' ? t` moved` : ''} from ${nameOfLot(entry.from, household)}${warm}${extra.length > 0 ? t`, with ${portionsWords(extra)}` : ''}`;
  }
  const bottles = entry.targets.filter(({ begin }) => begin?.role === 'bottle');
  if (bottles.length === entry.targets.length) {
    const first = bottles[0]!.begin!.vessel;
    const same = bottles.every(
      ({ begin }) => begin!.vessel.kind === first.kind && begin!.vessel.ml === first.ml,
    );
    const what = same
      ? t`${bottles.length} × ${number(first.ml)} ml, ${vesselKind(first.kind).name.toLowerCase()}`
      : plural(bottles.length, 'bottle');
    const primed = bottles[0]!.portions?.length ? t`, each with ${portionsWords(bottles[0]!.portions)}` : '';
    return t`Bottled ${what}${primed}`;
  }
  return entry.targets
    .map((_, index) => {
      const to = ids[index] ?? null;
      const { gone } = entry.targets[index]!;
      return to === null
        ? entry.taken === 'solids'
          ? `${taken(index)} ${gone ? endingWords[gone].toLowerCase() : t`thrown out`}`
          : t`${amount(index)} poured away`
        : t`${taken(index)}${entry.taken === 'solids' ? t` moved` : ''} to ${nameOfLot(to, household)}`;
    })
    .join('; ');
}

const takenWords = {
  liquid: t`drawn`,
  everything: t`ladled`,
  sediment: t`of sediment`,
} as const;

/**
 * An act that wrote several entries, in a line: the first two in full.
 *
 * @param all each entry's words, at least one
 * @example actWords(['Strained 700 ml', 'Added 44 g sugar', 'Into the fridge']) // 'Strained 700 ml. Added 44 g sugar. And one more'
 */
export function actWords(all: readonly string[]): string {
  const more = all.length - 2;
  return [...all.slice(0, 2), ...(more > 0 ? [t`And ${more === 1 ? t`one` : more} more`] : [])].join('. ');
}

import { useContext, useEffect, useSyncExternalStore } from 'react';
import { lotAsOf } from '@/core/forecast/as-of';
import type { LotAnswer } from '@/core/forecast/family-answer';
import { familyQuestion } from '@/core/forecast/family-question';
import { rootOf } from '@/core/forecast/family-members';
import { lotOf, type Household } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { DeskContext, useBook } from './book';
import type { PitchedFrom } from './questions';

const subjectOf = (lot: Lot): string => `before:${lot.id}`;

/** The question of an opened bottle's family as it stood before it was opened. */
function beforeQuestion(lot: Lot, household: Household, learned: (pitch: PitchedFrom) => never) {
  const at = lot.opened!.at;
  const find = (id: string) => {
    const each = lotOf(household, id);
    return each && lotAsOf(each, at);
  };
  const asked = familyQuestion({
    root: rootOf(find(lot.id)!, find),
    find,
    warmths: household.warmths,
    now: at,
    learned,
    household,
  });
  return asked ? ({ kind: 'family', subject: subjectOf(lot), asked } as const) : null;
}

/**
 * What was forecast of opened bottles before anybody opened them, and what is forecast of the rest. Asked once each, after
 * everything that lives.
 */
export function useBefore(lots: readonly Lot[]): (lotId: string) => LotAnswer | null {
  const household = useAppSelector(selectHousehold);
  const desk = useContext(DeskContext)!;
  const book = useBook();
  useSyncExternalStore(desk.subscribe, desk.snapshot);
  const opened = lots.filter((lot) => lot.opened);
  const ids = opened.map(({ id }) => id).join(' ');
  useEffect(() => {
    for (const [index, id] of ids.split(' ').entries()) {
      const lot = lotOf(household, id);
      // As if nothing had been learned since: what is known now was not known then.
      const question = lot?.opened ? beforeQuestion(lot, household, (() => null) as never) : null;
      if (question) desk.ask(question, 300 + index);
    }
  }, [desk, household, ids]);
  return (lotId) =>
    desk.familyAnswer(`before:${lotId}`)?.lots.find((each) => each.lotId === lotId) ?? book.lotAnswer(lotId);
}

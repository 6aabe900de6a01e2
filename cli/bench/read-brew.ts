import { familyQuestion, type FamilyQuestion } from '../../src/core/forecast/question/family-question.ts';
import { journalOf } from '../../src/core/journal/journal.ts';
import { lotOf } from '../../src/core/journal/household.ts';
import { beginBug, mix, pitch } from '../../src/demo/acts.ts';
import { Diary } from '../../src/demo/diary.ts';

/** What the app asks of a first ferment two days old whose gravity was read twice and its pH once. */
export function readBrew(): FamilyQuestion {
  const now = Date.parse('2026-05-04T18:00:00Z');
  const diary = new Diary(now, 0);
  diary.ago(400, { kind: 'temperature-set', place: 'counter', celsius: 22 });
  const bug = beginBug(diary, 240, 'Thistle', 1000, 620, 30, 30);
  const brew = mix(diary, 50, { name: 'Fennel', base: 'ginger-tea', water: 1900, sugar: 170, with: [], starter: bug, dose: 160, fizz: 2.5 }); // prettier-ignore
  pitch(diary, 48, bug, brew, 160, 23);
  diary.ago(26, { kind: 'measured', lotId: brew, quantity: 'sg', value: 1.029 });
  diary.ago(4, { kind: 'measured', lotId: brew, quantity: 'sg', value: 1.024 });
  diary.ago(3, { kind: 'measured', lotId: brew, quantity: 'ph', value: 3.7 });
  const { household } = journalOf(diary.entries, now);
  const find = (id: string) => lotOf(household, id);
  const root = find(brew)!;
  return familyQuestion({ root, find, warmths: household.warmths, now, learned: () => null, household })!;
}

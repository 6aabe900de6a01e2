import type { z } from 'zod';
import { RecipeRecord } from './recipe';
import type { ReadOnly } from '../read-only';
import { CeilingRecord } from './alcohol-ceiling';
import { AwayRecord } from './away';
import { BuildUpRecord } from './build-up';
import { BusyRecord } from './busy';
import { CautionRecord } from './caution';
import { FridgeRoomRecord } from './fridge-room';
import { OwnIngredientRecord } from './own-ingredient';
import { PantryRecord } from './pantry';
import { PersonRecord } from './person';
import { PriceRecord } from './price';
import { SchoolsRecord } from './schools';
import { SpellRecord } from './spell';
import { StockRecord } from './stock';
import { TimerRecord } from './timer';
import { WakingRecord } from './waking-hours';
import { WishRecord } from './wish';
import { WorkingRecord } from './working-hours';

/** Everything that a household sets, by what it is of: the schema of one value. A new one is a file and a line here. */
export const settingRecords = {
  'alcohol-ceiling': CeilingRecord,
  away: AwayRecord,
  'build-up': BuildUpRecord,
  busy: BusyRecord,
  caution: CautionRecord,
  'fridge-room': FridgeRoomRecord,
  ingredient: OwnIngredientRecord,
  pantry: PantryRecord,
  person: PersonRecord,
  price: PriceRecord,
  recipe: RecipeRecord,
  school: SchoolsRecord,
  spell: SpellRecord,
  stock: StockRecord,
  timer: TimerRecord,
  waking: WakingRecord,
  wish: WishRecord,
  working: WorkingRecord,
};

export type Thing = keyof typeof settingRecords;
export type SettingOf<T extends Thing> = ReadOnly<z.infer<(typeof settingRecords)[T]>>;

/** What a household has set, by thing and key. */
export type Settings = { readonly [T in Thing]?: Readonly<Record<string, SettingOf<T>>> };

/** A setting of a thing as it is written; null when it is taken out. */
export interface SettingFor<T extends Thing> {
  readonly thing: T;
  readonly key: string;
  readonly value: SettingOf<T> | null;
}
export type Setting = { [T in Thing]: SettingFor<T> }[Thing];

/** Settings with one of them set, or taken out. */
export function withSetting(settings: Settings, { thing, key, value }: Setting): Settings {
  const { [key]: _before, ...others } = settings[thing] ?? {};
  return { ...settings, [thing]: value === null ? others : { ...others, [key]: value } };
}

/** Settings without one. */
export function withoutSetting(settings: Settings, thing: string, key: string): Settings {
  const known = Object.entries(settings).find(([each]) => each === thing);
  if (!known) return settings;
  const { [key]: _gone, ...others } = known[1];
  return { ...settings, [thing]: others };
}

/** What readers of several settings need of a household. */
export interface HasSettings {
  readonly settings: Settings;
}

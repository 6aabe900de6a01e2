import { setMeasured, setTranslation } from '@/core/language/t';
import { inOwnUnits, setUnits, unitsOfRegion, unitSystems, type Units } from '@/core/measures/unit-system';
import type { Language } from './language';

/** What Yuzet speaks. English stands in the source; every other language is one catalogue, which is a file of its own. */
export const languages = [
  { id: 'en', name: 'English' },
  { id: 'nl', name: 'Nederlands' },
] as const;

export type LanguageId = (typeof languages)[number]['id'];

const remembered = 'yuzet.language';
const measuredIn = 'yuzet.units';

const catalogues: Readonly<Record<Exclude<LanguageId, 'en'>, () => Promise<{ readonly default: Language }>>> =
  { nl: () => import('./nl') };

/** The language chosen on this device; until one is, the first of the browser’s that Yuzet speaks. */
export function languageChosen(): LanguageId {
  const known = (code: string | null) =>
    languages.find(({ id }) => id === code?.toLowerCase().split('-')[0])?.id;
  try {
    const kept = known(localStorage.getItem(remembered));
    if (kept) return kept;
  } catch {
    // Storage is closed to Yuzet: the browser's languages say it.
  }
  return navigator.languages.map(known).find(Boolean) ?? 'en';
}

/** The units chosen on this device; until some are, those of the browser’s region. */
export function unitsChosen(): Units {
  const usual = unitsOfRegion(navigator.language);
  try {
    const [system, degrees] = (localStorage.getItem(measuredIn) ?? '').split(' ');
    const known = unitSystems.find((each) => each === system);
    return known ? { system: known, fahrenheit: degrees === 'F' } : usual;
  } catch {
    return usual;
  }
}

/** Keeps a choice of units; it holds from the next start. @returns whether this device kept it */
export const rememberUnits = ({ system, fahrenheit }: Units): boolean =>
  remember(measuredIn, `${system} ${fahrenheit ? 'F' : 'C'}`);

/** Keeps a choice of language; it holds from the next start. @returns whether this device kept it */
export const rememberLanguage = (id: LanguageId): boolean => remember(remembered, id);

function remember(key: string, value: string): boolean {
  try {
    localStorage.setItem(key, value);
    return true;
  } catch {
    return false;
  }
}

/** Sets language and units before the first sentence is made; where a catalogue cannot be had, English is spoken. */
export function beginLanguage(): Promise<void> | undefined {
  const units = unitsChosen();
  if (units.system !== 'metric' || units.fahrenheit) {
    setUnits(units);
    setMeasured(inOwnUnits);
  }
  const id = languageChosen();
  if (id === 'en') return undefined;
  return catalogues[id]()
    .then(({ default: language }) => {
      setTranslation(language.translate, language.locale);
      document.documentElement.lang = id;
    })
    .catch(() => undefined);
}

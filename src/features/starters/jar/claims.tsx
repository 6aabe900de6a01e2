import { celsiusAt } from '@/core/kitchen/places';
import { everyLot } from '@/core/journal/household';
import type { Lot } from '@/core/lots/lot';
import { claimsOn, competition } from '@/core/starter/claims';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { volume } from '@/words/amounts';
import { competitionWords } from '@/words/starters/draw-words';
import { t } from '@/core/language/t';

interface Props {
  readonly jar: Lot;
  /** A brew that wants so much of it now; itself is not among the others. */
  readonly wants?: { readonly ml: number; readonly brewId?: string };
}

/** To which brews a jar is promised; and for one more, whether there is enough, and if not, when. */
export function Claims({ jar, wants }: Props) {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const claims = claimsOn(jar, everyLot(household)).filter(({ lotId }) => lotId !== wants?.brewId);
  if (claims.length === 0) return null;
  const celsius = celsiusAt(household.warmths, jar.place === 'fridge' ? 'counter' : jar.place, now);
  if (!wants) {
    const [last] = claims.slice(-1);
    const told = competition(jar, claims.slice(0, -1), last!.ml, { now, celsius });
    return told ? (
      <Note tone="caution" testID="claims">
        {t`${last!.name} waits too. ${competitionWords(told, jar.name, last!.ml, now)}`}
      </Note>
    ) : (
      <Text testID="claims">{t`Promised: ${claims.map(({ name, ml }) => t`${volume(ml)} to ${name}`).join(', ')}.`}</Text>
    );
  }
  const told = competition(jar, claims, wants.ml, { now, celsius });
  return told ? (
    <Note tone="caution" testID="claims">
      {competitionWords(told, jar.name, wants.ml, now)}
    </Note>
  ) : null;
}

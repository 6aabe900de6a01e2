import { useState } from 'react';
import { placeIds, celsiusAt } from '@/core/kitchen/places';
import { closures, holdsFizz } from '@/core/vessels/vessel-kinds';
import { moveEffect } from '@/core/starter/move-effect';
import { clockNow } from '@/store/environment';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { moveWords } from '@/words/starters/move-words';
import { closureWords, placeWords } from '@/words/names';
import { WhenField } from '../forms/when-field';
import { useActs } from '../acts/act-context';
import { useForecasts } from '../forecasting/forecasts';
import { CounterAgain } from '../forecasting/counter-again';
import type { LotSheetProps } from './sheet-props';
import { capital } from '@/core/capital';
import { t } from '@/core/language/t';

/** Another place, another lid. */
export function MoveSheet({ lot, onClose }: LotSheetProps) {
  const { act, together } = useActs();
  const answer = useForecasts().lotAnswer(lot.id);
  const { warmths } = useAppSelector(selectHousehold);
  const [place, setPlace] = useState(lot.place);
  const [closure, setClosure] = useState(lot.closure);
  const [at, setAt] = useState<number | null>(null);
  const when = at ?? clockNow();
  const effect = place === lot.place ? null : moveEffect(lot, place, warmths, when);
  const write = () => {
    if (place !== lot.place)
      act({ kind: 'moved', lots: [lot.id], place }, `${lot.name}: ${placeWords[place]}.`, at ?? undefined);
    if (closure !== lot.closure)
      act(
        { kind: 'closed', lots: [lot.id], closure },
        `${lot.name}: ${closureWords[closure]}.`,
        at ?? undefined,
      );
  };
  const save = () => {
    together(write);
    onClose();
  };
  return (
    <Sheet title={t`Move ${lot.name}`} onClose={onClose}>
      <Choice
        titled
        label={t`Where`}
        options={placeIds.map((value) => ({
          value,
          label: t`${capital(placeWords[value])}, ${celsiusAt(warmths, value, when).toFixed(0)} °C`,
        }))}
        value={place}
        onChange={setPlace}
      />
      {lot.place === 'fridge' && place !== 'fridge' ? <CounterAgain lot={lot} answer={answer} /> : null}
      {effect ? (
        <Note tone={effect.suffers ? 'caution' : 'plain'} testID="move-effect">
          {moveWords(effect, lot.name)}
        </Note>
      ) : null}
      <Choice
        titled
        label={t`Closed by`}
        options={closures.map((value) => ({ value, label: capital(closureWords[value]) }))}
        value={closure}
        onChange={setClosure}
      />
      {closure === 'sealed' && !holdsFizz(lot.vessel.kind) ? (
        <Note tone="danger">{t`This vessel is not made for pressure: sealed, it can burst. Cloth, a loose lid or an airlock lets the gas out.`}</Note>
      ) : null}
      <WhenField value={at} onChange={setAt} />
      <InkButton label={t`Done`} onPress={save} />
    </Sheet>
  );
}

import { useRef } from 'react';
import { View } from 'react-native';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { coolingHours, settleHours } from '@/core/forecast/question/lot-stages';
import type { Pour } from '@/core/forecast/what-if/pour';
import type { ChilledThen } from '@/core/forecast/answer/courses';
import type { FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import { nextAwake } from '@/core/kitchen/waking';
import { wakingOf } from '@/core/settings/waking-hours';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Text } from '@/ui/controls/text';
import { WrittenText } from '@/ui/controls/written-text';
import { useWide } from '@/ui/layout/use-wide';
import { useRoles } from '@/ui/theme/use-roles';
import { restyle, rewrite } from '@/ui/redraw';
import { Glass, type GlassHandle } from '@/ui/drawings/glass';
import { capital } from '@/core/capital';
import { fizzWord } from '@/words/fizz';
import { chanceWords, shareWords } from '@/words/chance';
import { moment, quarter } from '@/words/moment';
import { useRidingInTurn } from './drag-controller';
import { useHeldSize } from './use-held-size';
import { RidingCard } from './riding-card';
import { workingOut } from './use-by-hour';
import type { Handle } from './use-handle';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

interface Props {
  readonly answer: LotAnswer;
  readonly handle: Handle;
  readonly table: ReadonlyMap<number, ChilledThen> | null;
  readonly now: number;
  /** Colour of the drink, from what is in it. */
  readonly colour: string;
}

/** Room for the longest usual sentence, so that the lanes below do not move while the hand does. */
const wordsHeight = { phone: 154, wide: 176 };

const range = (five: FiveNumbers, digits: number) => `${five[0].toFixed(digits)}–${five[4].toFixed(digits)}`;

const inGlass = ({ sweetnessGramsPerLitre, volumes, abvPercent }: Pour) => ({
  sweetness: sweetnessGramsPerLitre[2],
  volumes: volumes[2],
  abv: abvPercent[2],
});

const fizzLine = ({ volumes }: Pour) =>
  t`${capital(fizzWord(volumes[2]))} fizz, ${volumes[2].toFixed(1)} vol (${range(volumes, 1)})`;

const tasteWords = ({ sweetnessGramsPerLitre: sweet, abvPercent: abv }: Pour) =>
  t`${sweet[2].toFixed(0)} g/L sweet (${range(sweet, 0)}), ${abv[2].toFixed(1)} % alcohol (${range(abv, 1)})`;

function pressureWords(
  { peakGaugeBar: peak, chanceOverLimit }: Pour,
  limitBar: number,
  late: boolean,
): string {
  const share = shareWords(peak[2] / Math.max(0.1, limitBar));
  return t`${capital(share)} of what it bears. ${riskWords(chanceOverLimit, late)}`;
}

/** What would be poured if the bottle went into the fridge at the handle: drawn past React, since it rides with the hand. */
export function PourCard({ answer, handle, table, now, colour }: Props) {
  const roles = useRoles();
  const minHeight = useWide() ? wordsHeight.wide : wordsHeight.phone;
  const waking = wakingOf(useAppSelector(selectHousehold));
  const card = useRef<View>(null);
  const glass = useRef<GlassHandle>(null);
  const [when, served, fizz, taste, pressure] = [
    useRef<View>(null),
    useRef<View>(null),
    useRef<View>(null),
    useRef<View>(null),
    useRef<View>(null),
  ];
  useHeldSize(card, handle.hand);
  const limitBar = answer.limitBar ?? 0;
  const pourOf = (chosen: number | null) => table?.get(handle.hourOf(chosen))?.pour;
  useRidingInTurn(handle.hand, [
    (chosen) => {
      const hour = handle.hourOf(chosen);
      const settled = answer.start + (hour + settleHours + coolingHours) * hourMs;
      rewrite(when.current, handle.words(hour));
      rewrite(served.current, moment(quarter(nextAwake(settled, waking)), now));
    },
    (chosen) => {
      const pour = pourOf(chosen);
      if (pour) glass.current?.pour(inGlass(pour));
    },
    (chosen) => {
      const pour = pourOf(chosen);
      rewrite(fizz.current, pour ? fizzLine(pour) : workingOut);
      rewrite(taste.current, pour ? tasteWords(pour) : '');
    },
    (chosen) => {
      const pour = pourOf(chosen);
      if (!pour) return rewrite(pressure.current, '');
      // The advised window weighs the glass itself; where nobody knows it, the limit is the fence.
      const late = answer.advice
        ? handle.hourOf(chosen) > (answer.chill?.latest ?? Infinity) + 0.5
        : pour.chanceOverLimit > 0.05;
      rewrite(pressure.current, pressureWords(pour, limitBar, late));
      restyle(pressure.current, { color: late ? roles.danger : roles.text });
      restyle(card.current, { borderColor: late ? roles.danger : roles.brew });
    },
  ]);
  return (
    <RidingCard ref={card} edge={roles.brew} label={t`If you chill here`} testID="pour-card">
      <Glass ref={glass} colour={colour} label={t`The glass as it would be poured`} />
      <View style={{ flex: 1, minWidth: 0, minHeight, gap: 2 }}>
        <Text>
          {t`Chilled `}
          <WrittenText as="strong" ref={when} />
          {t`, poured `}
          <WrittenText ref={served} />
        </Text>
        <WrittenText as="strong" ref={fizz} />
        <WrittenText ref={taste} />
        <WrittenText live testID="pour-sentence" ref={pressure} />
      </View>
    </RidingCard>
  );
}

/** How many pass the limit, and what then. @example "About one in four passes the limit." */
function riskWords(chance: number, late: boolean): string {
  const of = chanceWords(chance);
  const many =
    of === t`even` ? t`every second` : of === t`almost sure` ? t`almost all` : of.replace(t` chance`, '');
  const words = t`${capital(many)} ${of === t`almost sure` ? t`pass` : t`passes`} the limit.`;
  return late ? t`${words} Chill earlier${chance > 0.9 ? t`, in place, glasses on` : ''}.` : words;
}

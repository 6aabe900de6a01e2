import { useRef } from 'react';
import { View } from 'react-native';
import type { BottledThen } from '@/core/forecast/answer/courses';
import type { FiveNumbers } from '@/core/forecast/read-off/weighted-quantiles';
import { Text } from '@/ui/controls/text';
import { WrittenText } from '@/ui/controls/written-text';
import { Glass, type GlassHandle } from '@/ui/drawings/glass';
import { useWide } from '@/ui/layout/use-wide';
import { rewrite } from '@/ui/redraw';
import { useRoles } from '@/ui/theme/use-roles';
import { duration } from '@/words/moment';
import { fizzWord } from '@/words/fizz';
import { useRidingInTurn } from './drag-controller';
import { RidingCard } from './riding-card';
import { useBottlings, workingOut } from './use-by-hour';
import type { Handle } from './use-handle';
import { useHeldSize } from './use-held-size';
import { t } from '@/core/language/t';

interface Props {
  readonly runId: string;
  readonly wantedVolumes: number;
  readonly handle: Handle;
  /** Colour of the drink, from what is in it. */
  readonly colour: string;
}

/** Room for the longest usual sentence, so that the lanes below do not move while the hand does. */
const wordsHeight = { phone: 122, wide: 76 };

/** What bottling at the handle would lead to: drawn past React, since it rides with the hand. */
export function BottlingCard({ runId, wantedVolumes, handle, colour }: Props) {
  const roles = useRoles();
  const minHeight = useWide() ? wordsHeight.wide : wordsHeight.phone;
  const bottled = useBottlings(runId, wantedVolumes, handle);
  const thenAt = (chosen: number | null) => bottled?.get(handle.hourOf(chosen));
  const card = useRef<View>(null);
  const glass = useRef<GlassHandle>(null);
  const [when, fizz, taste] = [useRef<View>(null), useRef<View>(null), useRef<View>(null)];
  useHeldSize(card, handle.hand);
  useRidingInTurn(handle.hand, [
    (chosen) => rewrite(when.current, handle.words(handle.hourOf(chosen))),
    (chosen) => {
      const then = thenAt(chosen);
      if (then)
        glass.current?.pour({
          sweetness: then.sweetnessThen[2],
          volumes: wantedVolumes,
          abv: then.abvThen[2],
        });
    },
    (chosen) => {
      const then = thenAt(chosen);
      rewrite(fizz.current, then ? fizzWords(then, wantedVolumes) : workingOut);
    },
    (chosen) => {
      const then = thenAt(chosen);
      rewrite(taste.current, then ? tasteWords(then) : '');
    },
  ]);
  return (
    <RidingCard ref={card} edge={roles.brew} label={t`If you bottle here`} testID="bottling-card">
      <Glass ref={glass} colour={colour} label={t`The glass as it would be poured then`} />
      <View style={{ flex: 1, minWidth: 0, minHeight, gap: 2 }}>
        <Text>
          {t`If you bottle `}
          <WrittenText as="strong" ref={when} />
        </Text>
        <WrittenText as="strong" ref={fizz} />
        <WrittenText live testID="bottling-sentence" ref={taste} />
      </View>
    </RidingCard>
  );
}

const range = ([low, , , , high]: FiveNumbers, digits: number) =>
  `${low.toFixed(digits)}–${high.toFixed(digits)}`;

function fizzWords({ hoursToFizz: [early, middle, late] }: BottledThen, wantedVolumes: number): string {
  const days = Number.isFinite(middle) ? duration(middle) : t`Over a week`;
  const spread = Number.isFinite(late)
    ? `${duration(early)}–${duration(late)}`
    : t`${Number.isFinite(early) ? duration(early) : t`a week`} or more`;
  return t`${days} until ${fizzWord(wantedVolumes)} (${spread})`;
}

const tasteWords = ({ sweetnessAtBottling: before, sweetnessThen: then, abvThen: abv }: BottledThen) =>
  t`${before[2].toFixed(0)} g/L sweet going in (${range(before, 0)}), ${then[2].toFixed(0)} then (${range(then, 0)}). ${abv[2].toFixed(1)} % alcohol (${range(abv, 1)}).`;

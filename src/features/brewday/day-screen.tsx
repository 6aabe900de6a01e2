import { useLocalSearchParams, useRouter } from 'expo-router';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { stepAt, stepsOf } from '@/core/brew/steps';
import { lotOf } from '@/core/journal/household';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { stepWords } from '@/words/brews/step-words';
import { Nowhere } from '@/ui/layout/nowhere';
import { DayFrame } from './day-frame';
import { StepHand } from './step-hand';
import { StepTimer } from './step-timer';
import { TimerStrip } from './timer-strip';
import { useAwake } from './use-awake';
import { useStepDeeds } from './use-step-deeds';
import { t } from '@/core/language/t';

/** Counter mode: a brew day one step at a time, in type that is read from the stove. */
export function DayScreen() {
  const { brew } = useLocalSearchParams<{ brew?: string }>();
  const household = useAppSelector(selectHousehold);
  const lot = brew ? lotOf(household, brew) : undefined;
  if (lot?.role !== 'brew') return <Nowhere what="brew" back="/brews" />;
  return <Day lot={lot} />;
}

function Day({ lot }: { readonly lot: Lot }) {
  const roles = useRoles();
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const around = celsiusAt(household.warmths, lot.place, useNow());
  const planned = lot.recipe?.planned?.lotId;
  const from = planned ? lotOf(household, planned) : undefined;
  const steps = stepsOf({ lot, from, around });
  const next = stepAt(steps, lot);
  const [looked, setLooked] = useState<number | null>(null);
  const at = Math.min(looked ?? next, steps.length);
  const step = steps[at];
  useAwake();
  const deeds = useStepDeeds(lot);
  const over = () => router.navigate(`/brews/${lot.id}`);
  if (!step) {
    return (
      <DayFrame over={lot.name} at={steps.length} of={steps.length}>
        <Text as="huge" level={1}>{t`That is the brew day done`}</Text>
        <Text as="large">
          {lot.recipe?.planned || lot.culture
            ? t`It ferments now. Its page says when to taste.`
            : t`Its page says what comes next.`}
        </Text>
        <TimerStrip here={lot.id} />
        <View style={styles.foot}>
          <InkButton
            quiet
            label={t`Back`}
            onPress={() => setLooked(steps.length - 1)}
            big
            style={styles.back}
          />
          <InkButton label={t`To its page`} onPress={over} big style={styles.next} />
        </View>
      </DayFrame>
    );
  }
  const words = stepWords(step, from?.name ?? null);
  const taken = lot.steps?.[step.id];
  const move = (to: number) => setLooked(to);
  return (
    <DayFrame over={lot.name} at={at} of={steps.length}>
      <Text as="huge" level={1} live>
        {words.title}
      </Text>
      {words.lines.map((line) => (
        <Text key={line} as="large">
          {line}
        </Text>
      ))}
      {step.minutes === null || step.minutes <= 0 ? null : (
        <StepTimer lot={lot} step={step} label={words.timer} around={around} />
      )}
      <StepHand key={step.id} step={step} lot={lot} deeds={deeds} />
      {taken ? (
        <Text color={roles.softText} testID="step-standing">
          {taken.done ? t`Done.` : t`Skipped.`}
        </Text>
      ) : null}
      <TimerStrip here={lot.id} but={step.id} />
      <View style={styles.foot}>
        <InkButton
          quiet
          label={t`Back`}
          disabled={at === 0}
          onPress={() => move(at - 1)}
          big
          style={styles.back}
        />
        {taken ? (
          <InkButton label={t`Next`} onPress={() => move(at + 1)} big style={styles.next} />
        ) : (
          <InkButton
            label={t`Done`}
            hint={t`Done: ${words.title}`}
            onPress={() => {
              if (deeds.take(step)) move(at + 1);
            }}
            big
            style={styles.next}
          />
        )}
      </View>
      <View style={styles.beside}>
        {taken ? null : (
          <InkButton
            quiet
            label={t`Skip it`}
            hint={t`Skip: ${words.title}`}
            onPress={() => {
              deeds.skip(step);
              move(at + 1);
            }}
          />
        )}
        <InkButton quiet label={t`To its page`} onPress={over} />
      </View>
    </DayFrame>
  );
}

const styles = StyleSheet.create({
  foot: { flexDirection: 'row', gap: gap.medium, marginTop: 'auto' },
  back: { flex: 1, minHeight: 72 },
  next: { flex: 2, minHeight: 72 },
  beside: { flexDirection: 'row', gap: gap.small, flexWrap: 'wrap' },
});

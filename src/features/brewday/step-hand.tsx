import { refusalWords } from '@/words/refusals';
import { View } from 'react-native';
import { pitchCheck } from '@/core/brew/pitch-check';
import type { BrewStep } from '@/core/brew/steps';
import type { Lot } from '@/core/lots/lot';
import { degreesTyped } from '@/core/measures/parse-measure';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { useNow } from '@/store/use-now';
import { moment } from '@/words/moment';
import type { StepDeeds } from './use-step-deeds';
import { FeltWarmth } from '../lots/felt-warmth';
import { t } from '@/core/language/t';
import { readingShown } from '@/core/measures/unit-system';

interface Props {
  readonly step: BrewStep;
  readonly lot: Lot;
  readonly deeds: StepDeeds;
}

/** What a step asks of the hand: the warmth and the dose at the pitch, a gravity, the words for the label. */
export function StepHand({ step, lot, deeds }: Props) {
  const now = useNow();
  const { typed, type, fault } = deeds;
  const errorAt = (key: string) => (fault?.key === key ? fault.message : undefined);
  if (step.id === 'gravity')
    return (
      <TextBox
        label={t`SG or °Brix`}
        value={typed.sg}
        numeric
        onChange={(text) => type('sg', text)}
        hint={t`1.042 or 10.4; empty to go on`}
        error={errorAt('sg')}
      />
    );
  if (step.id === 'label') return <Text as="heading">{`${lot.name}, ${moment(lot.begunAt, now)}`}</Text>;
  if (step.id !== 'pitch') return null;
  const celsius = degreesTyped(typed.celsius);
  const check = Number.isFinite(celsius) ? pitchCheck(celsius) : null;
  return (
    <View style={{ gap: gap.medium }}>
      <FeltWarmth lot={lot} onFelt={(value) => type('celsius', String(readingShown(value, '°C')))} />
      <View style={{ flexDirection: 'row', gap: gap.medium, flexWrap: 'wrap' }}>
        <TextBox
          label={t`Temperature of the base, °C`}
          value={typed.celsius}
          numeric
          onChange={(text) => type('celsius', text)}
          hint={t`Or by a thermometer: below 30 °C before anything alive goes in`}
          error={errorAt('celsius')}
          errorId="error-celsius"
        />
        {step.portions.length > 0 ? null : (
          <TextBox
            label={t`Dose`}
            value={typed.dose}
            onChange={(text) => type('dose', text)}
            error={errorAt('dose')}
            errorId="error-dose"
          />
        )}
      </View>
      {check?.ok && check.value.warn ? <Note tone="caution">{check.value.warn}</Note> : null}
      {check && !check.ok ? <Note tone="danger">{refusalWords(check)}</Note> : null}
    </View>
  );
}

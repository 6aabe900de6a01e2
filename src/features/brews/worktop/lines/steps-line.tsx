import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import type { StepId } from '@/core/brew/steps';
import { FoldLine } from '@/ui/controls/fold-line';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { methodLabel, type methodOptions } from '@/words/brews/method-words';
import { stepWords } from '@/words/brews/step-words';
import { stepsOfWorktop } from '../state/steps-of-worktop';
import type { Planned } from '../state/worktop-plan';
import type { WorktopState } from '../state/worktop-state';
import { FizzBox } from './fizz-box';
import { HeatTimes, InfusionWays, StepWays } from './step-ways';
import { t } from '@/core/language/t';

type Way = keyof typeof methodOptions;

interface Props {
  readonly state: WorktopState;
  readonly planned: Planned | null;
  /** Air of the kitchen, °C. */
  readonly celsius: number;
  readonly onState: (next: WorktopState) => void;
}

/** What of the method each step of the day is about. */
const waysOf: Readonly<Partial<Record<StepId, readonly Way[]>>> = {
  water: ['water'],
  clean: ['clean'],
  heat: ['heat'],
  mix: ['heat'],
  cool: ['cool'],
  strain: ['strain', 'strained'],
  cover: ['closure'],
};
const inBrief: readonly Way[] = ['water', 'heat', 'strain', 'closure'];

/** The day as the steps that will follow; a tap on a step changes how it is done. */
export function StepsLine({ state, planned, celsius, onState }: Props) {
  const [isOpen, setIsOpen] = useState(false);
  const [open, setOpen] = useState<string | null>(null);
  const { method } = state;
  const onMethod = (next: WorktopState['method']) => onState({ ...state, method: next });
  const steps = isOpen && planned ? stepsOfWorktop(state, planned, celsius) : [];
  const fromName = planned && 'lot' in planned.life ? planned.life.lot.name : null;
  const infuses = state.composition.rows.some(({ when }) => when === 'infusion');
  const step = (id: string, title: string, inside: ReactNode) => (
    <Step key={id} title={title} open={open === id} onPress={() => setOpen(open === id ? null : id)}>
      {inside}
    </Step>
  );
  return (
    <FoldLine
      title={t`Steps`}
      summary={inBrief.map((key) => methodLabel(key, method[key])).join(' · ')}
      open={isOpen}
      onPress={() => setIsOpen(!isOpen)}
    >
      <View role="list" aria-label={t`Steps of the day`}>
        {steps.map(({ id, ...rest }) => {
          const ways = waysOf[id];
          const title = stepWords({ id, ...rest }, fromName).title;
          // Cold or heated is another step in the same place: it stays open while that is chosen.
          return step(
            ways?.join() ?? id,
            title,
            ways ? (
              <>
                <StepWays keys={ways} method={method} onMethod={onMethod} />
                {ways.includes('heat') ? <HeatTimes method={method} onMethod={onMethod} /> : null}
              </>
            ) : null,
          );
        })}
        {infuses
          ? step('infuse', t`Let the rest steep in it`, <InfusionWays method={method} onMethod={onMethod} />)
          : null}
        {method.strained === 'after'
          ? step(
              'strain-after',
              t`Strain it once it has fermented`,
              <StepWays keys={['strain', 'strained']} method={method} onMethod={onMethod} />,
            )
          : null}
        {step('bottle', t`Taste, then bottle it`, <FizzBox state={state} onState={onState} />)}
      </View>
    </FoldLine>
  );
}

/** A step: its title, and how it is done once it is tapped. */
function Step({
  title,
  open,
  onPress,
  children,
}: {
  readonly title: string;
  readonly open: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}) {
  const roles = useRoles();
  return (
    <View role="listitem" style={{ borderTopWidth: 1, borderColor: roles.hairline }}>
      {children ? (
        <Press role="button" aria-expanded={open} aria-label={title} onPress={onPress}>
          <View style={styles.line}>
            <Text as="strong" style={styles.title}>
              {title}
            </Text>
            <Text color={roles.brew}>{open ? t`Close` : t`Change`}</Text>
          </View>
        </Press>
      ) : (
        <View style={styles.still}>
          <Text>{title}</Text>
        </View>
      )}
      {open ? <View style={styles.inside}>{children}</View> : null}
    </View>
  );
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'center', gap: gap.medium },
  still: { minHeight: 48, justifyContent: 'center' },
  title: { flex: 1, minWidth: 0 },
  inside: { gap: gap.small, paddingBottom: gap.medium },
});

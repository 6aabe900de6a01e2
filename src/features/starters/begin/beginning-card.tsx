import { View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import type { BeginningRun, RunStep } from '@/core/starter/beginning-run';
import { usualFeed } from '@/core/starter/feed-plan';
import { Card } from '@/ui/controls/card';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { portionsWords } from '@/words/amounts';
import { roughly } from '@/words/when';
import { t } from '@/core/language/t';

interface Props {
  readonly run: BeginningRun;
  readonly lot: Lot;
  readonly now: number;
}

/** A new jar's first days on the clock: what to do, what to see, and by when to give up. */
export function BeginningCard({ run, lot, now }: Props) {
  return (
    <Card label={t`Its first days`} testID="beginning">
      <Text as="subheading" level={2}>
        {t`Its first days: day ${Math.floor(run.day) + 1}`}
      </Text>
      <View role="list">
        {run.steps.map((step, i) => (
          <StepLine
            key={step.step.day}
            step={step}
            lot={lot}
            now={now}
            // What is due, and what comes next, in full; the rest as what will be seen.
            full={step.state === 'now' || run.steps[i - 1]?.state === 'now'}
            last={i === run.steps.length - 1}
          />
        ))}
      </View>
      {run.givenUp ? (
        <Note tone="danger" testID="given-up">
          {t`Nothing was seen to live: discard it and begin again with other ingredients and other water, since ${run.why}.`}
        </Note>
      ) : run.giveUpAt !== null ? (
        <Text>{t`Nothing by ${roughly(run.giveUpAt, now)}? Begin again: ${run.why}.`}</Text>
      ) : null}
      <Text>{t`What you see moves these days: note it above.`}</Text>
    </Card>
  );
}

function StepLine({
  step: { step, at, state, shown },
  lot,
  now,
  full,
  last,
}: {
  readonly step: RunStep;
  readonly lot: Lot;
  readonly now: number;
  readonly full: boolean;
  readonly last: boolean;
}) {
  const roles = useRoles();
  const on = state === 'now';
  const color = state === 'coming' ? roles.softText : roles.text;
  return (
    <View role="listitem" style={{ flexDirection: 'row', gap: gap.medium }}>
      <View aria-hidden style={{ alignItems: 'center', width: 20 }}>
        <View
          style={{
            width: on ? 20 : 14,
            height: on ? 20 : 14,
            marginTop: on ? 2 : 5,
            borderRadius: 10,
            borderWidth: 2,
            borderColor: roles.starter,
            backgroundColor: state === 'coming' ? 'transparent' : roles.starter,
          }}
        />
        {last ? null : <View style={{ flex: 1, width: 2, backgroundColor: roles.hairline }} />}
      </View>
      <View style={{ flex: 1, gap: 2, paddingBottom: gap.medium }}>
        <Text as="strong" color={color}>
          {`${state === 'coming' ? t`From ` : ''}${roughly(at, now)}${shown ? t`, seen` : ''}`}
        </Text>
        {!full ? null : (
          <Text color={color}>
            {step.feeds ? t`${step.act} Feed: ${portionsWords(usualFeed(lot))}.` : step.act}
          </Text>
        )}
        <Text color={color}>{full ? t`You see: ${lower(step.see)}` : step.see}</Text>
        {on && !shown && step.unseen ? <Text color={roles.warning}>{t`Not so? ${step.unseen}`}</Text> : null}
      </View>
    </View>
  );
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

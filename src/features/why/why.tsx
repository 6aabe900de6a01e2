import { lazy, Suspense, useState, type ReactNode } from 'react';
import type { Topic } from '@/core/forecast/answer/grounds';
import type { Lot } from '@/core/lots/lot';
import { Press } from '@/ui/controls/press';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { topicTitles } from '@/words/journal/topic-titles';
import { t } from '@/core/language/t';

const WhySheet = lazy(async () => ({ default: (await import('./why-sheet')).WhySheet }));

interface Props {
  readonly topic: Topic;
  readonly lot: Lot;
  readonly now: number;
  /** All that is known of what the answer says in short: the sheet begins with it. */
  readonly whole?: ReactNode;
}

/** "Why?" beside an answer: it opens what the answer rests on. */
export function Why({ topic, lot, now, whole }: Props) {
  const roles = useRoles();
  const [open, setOpen] = useState(false);
  return (
    <>
      <Press
        role="button"
        aria-label={t`Why? ${topicTitles[topic]}`}
        onPress={() => setOpen(true)}
        style={{ alignSelf: 'flex-start', alignItems: 'center', paddingHorizontal: 4 }}
      >
        <Text as="strong" color={roles.brew}>{t`Why?`}</Text>
      </Press>
      {open ? (
        <Suspense fallback={null}>
          <WhySheet topic={topic} lot={lot} now={now} whole={whole} onClose={() => setOpen(false)} />
        </Suspense>
      ) : null}
    </>
  );
}

import type { ReactNode } from 'react';
import type { Lot } from '@/core/lots/lot';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { notYetWords } from '@/words/starters/draw-words';
import { Why } from '../../why/why';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly now: number;
  /** What is shown of a jar that has come so far. */
  readonly children: ReactNode;
}

/** When a young jar is first to be drawn from; as any other once it is, or asleep. */
export function FirstDraw({ lot, now, children }: Props) {
  const ready = firstReadyAt(lot, useAppSelector(selectHousehold).warmths, now);
  if (ready === null || lot.place === 'fridge') return <>{children}</>;
  return (
    <Card label={t`When to draw`} testID="draw-card">
      <Text as="subheading" level={2}>{t`Not to be drawn from yet`}</Text>
      <Text testID="not-yet">{notYetWords(ready, now)}</Text>
      <Why topic="draw" lot={lot} now={now} />
    </Card>
  );
}

import type { ReactNode } from 'react';
import type { Lot } from '@/core/lots/lot';
import { levelMl } from '@/core/matter/contents';
import { firstReadyAt } from '@/core/starter/beginning-run';
import { mostDrawableMl } from '@/core/starter/draw-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { volume } from '@/words/amounts';
import { notYetWords } from '@/words/draw-words';
import { moment, quarter } from '@/words/moment';
import { Why } from '../lots/why';

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
    <Card label="When to draw" testID="draw-card">
      <Text as="subheading" level={2}>
        Not to be drawn from yet
      </Text>
      <Text testID="not-yet">{notYetWords(ready, now)}</Text>
      <Why topic="draw" lot={lot} now={now} />
    </Card>
  );
}

/** How full a young jar is, and from when it gives. */
export function FirstDrawLine({ lot, now }: { readonly lot: Lot; readonly now: number }) {
  const ready = firstReadyAt(lot, useAppSelector(selectHousehold).warmths, now);
  const gives =
    ready === null
      ? `up to ${volume(Math.round(mostDrawableMl(lot)))} to draw`
      : `to draw from about ${moment(quarter(ready), now)}`;
  return <Text>{`${volume(Math.round(levelMl(lot.contents)))}, ${gives}`}</Text>;
}

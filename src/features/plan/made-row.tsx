import type { Lot } from '@/core/lots/lot';
import type { Wish } from '@/core/settings/wish';
import { Card } from '@/ui/controls/card';
import { RowLink } from '@/ui/controls/row-link';
import { moment } from '@/words/moment';
import { t } from '@/core/language/t';

/** A wish whose brew is under way: its own page tells the rest. */
export const MadeRow = ({
  wish,
  brew,
  now,
}: {
  readonly wish: Wish;
  readonly brew: Lot;
  readonly now: number;
}) => (
  <Card style={{ paddingVertical: 4 }}>
    <RowLink
      title={brew.name}
      words={t`Under way, wished cold by ${moment(wish.by, now)}.`}
      href={`/brews/${brew.id}`}
    />
  </Card>
);

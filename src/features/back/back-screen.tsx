import { format } from 'date-fns/format';
import { useState } from 'react';
import { View } from 'react-native';
import { everyLot } from '@/core/journal/household';
import { calibrationOf } from '@/core/tasting/looking-back';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { PressLink } from '@/ui/controls/press-link';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { calibrationWords, pendingCalibration } from '@/words/bottles/back-words';
import { seasonWords } from '@/words/names';
import { causeWords } from '@/words/bottles/compare-words';
import { duration } from '@/words/moment';
import { useBefore } from '../forecasting/use-before';
import { batchesOf, openedBottles, type Batch } from './batches';
import { FatesCard } from './fates-card';
import { HeldPlot } from './held-plot';
import { PalatesCard } from './palates-card';
import { SavedCard } from './saved-card';
import { SeasonsPlot } from './seasons-plot';
import { capital } from '@/core/capital';
import { plural, t } from '@/core/language/t';

type Grouping = 'season' | 'starter';

/** What became of past batches: by season or starter, forecast beside what was found, mishaps and their likely causes, what was saved. */
export function BackScreen() {
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const [by, setBy] = useState<Grouping>('season');
  const before = useBefore(openedBottles(household));
  const batches = batchesOf(household, before.answerOf);
  const checked = batches.flatMap((batch) => batch.checked);
  const groups = new Map<string, Batch[]>();
  for (const batch of batches) {
    const key = by === 'season' ? `${seasonWords[batch.season]} ${format(batch.at, 'yyyy')}` : batch.starter;
    groups.set(key, [...(groups.get(key) ?? []), batch]);
  }
  return (
    <Screen title={t`Looking back`} over={plural(batches.length, 'batch', 'batches')} width={860}>
      <Card label={t`Was it right?`} testID="calibration">
        <Text as="subheading" level={2}>{t`Was it right nine times in ten?`}</Text>
        <Text>{before.isPending ? pendingCalibration : calibrationWords(calibrationOf(checked))}</Text>
        <HeldPlot checked={checked} />
      </Card>
      {batches.length > 1 ? (
        <Card label={t`Over the seasons`}>
          <Text as="subheading" level={2}>{t`Over the seasons`}</Text>
          <SeasonsPlot batches={batches} now={now} />
        </Card>
      ) : null}
      <PalatesCard lots={everyLot(household)} now={now} />
      <FatesCard lots={everyLot(household)} />
      {batches.length === 0 ? (
        <Text>{t`Nothing was opened yet. What you open and taste is looked back at here.`}</Text>
      ) : (
        <Choice
          label={t`In groups by`}
          options={[
            { value: 'season', label: t`By season` },
            { value: 'starter', label: t`By starter` },
          ]}
          value={by}
          onChange={setBy}
        />
      )}
      {[...groups].map(([title, each]) => (
        <View key={title} style={{ gap: gap.small }}>
          <Text as="heading" level={2}>
            {capital(title)}
          </Text>
          {each.map((batch) => (
            <BatchRow key={batch.brew.id} batch={batch} />
          ))}
        </View>
      ))}
      {batches.length > 0 ? <SavedCard batches={batches} /> : null}
    </Screen>
  );
}

const range = (five: readonly number[], digits: number) =>
  `${five[0]!.toFixed(digits)}–${five[4]!.toFixed(digits)}`;

function BatchRow({ batch }: { readonly batch: Batch }) {
  const roles = useRoles();
  const { brew, opened, abv, sugarLeft, mishaps, checked, liking } = batch;
  const held = checked.filter((each) => each.held).length;
  const facts = [
    t`${plural(opened.length, 'bottle')} opened after ${duration(batch.warmHours)} warm`,
    abv ? t`alcohol ${range(abv, 1)} %` : null,
    sugarLeft ? t`${range(sugarLeft, 0)} g/L sweet left` : null,
    liking === null ? null : t`liked ${liking.toFixed(1)} of 5`,
    checked.length > 0 ? t`forecast held in ${held} of ${checked.length} looks` : null,
  ].filter(Boolean);
  return (
    <PressLink
      aria-label={t`${brew.name}, its bottles side by side`}
      href={`/compare?with=${opened[0]!.id}`}
      style={{ borderTopWidth: 1, borderColor: roles.hairline, paddingVertical: 8, gap: 2 }}
    >
      <Text as="strong">{t`${brew.name}, ${format(batch.at, 'd MMM')}, from ${batch.starter}`}</Text>
      <Text>{`${facts.join('; ')}.`}</Text>
      {mishaps.map(({ lotId, what, causes }) => (
        <Text key={lotId} color={roles.danger}>
          {`${what === 'gusher' ? t`Gushed` : t`Flat`}: ${causes.map((cause) => causeWords[cause]).join(', ')}.`}
        </Text>
      ))}
    </PressLink>
  );
}

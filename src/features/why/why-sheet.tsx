import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import { View } from 'react-native';
import { groundsOf, type GroundInput, type Topic } from '@/core/forecast/answer/grounds';
import { lotOf } from '@/core/journal/household';
import { entriesAbout } from '@/core/journal/journal';
import { drawnFrom } from '@/core/lots/pitch';
import type { Lot } from '@/core/lots/lot';
import { placeIds } from '@/core/kitchen/places';
import { selectJournal } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Press } from '@/ui/controls/press';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { useRoles } from '@/ui/theme/use-roles';
import { changeWords, inputWords, relations } from '@/words/journal/grounds-words';
import { moment } from '@/words/moment';
import { topicTitles } from '@/words/journal/topic-titles';
import { hrefOf } from '@/ui/layout/lot-href';
import { t } from '@/core/language/t';

interface Props {
  readonly topic: Topic;
  readonly lot: Lot;
  readonly now: number;
  readonly whole?: ReactNode;
  readonly onClose: () => void;
}

/** Inputs shown: the latest tell most. */
const shownAtMost = 14;

/** What an answer rests on: the relation, its inputs with their entries, its source, and what would change it most. */
export function WhySheet({ topic, lot, now, whole, onClose }: Props) {
  const roles = useRoles();
  const router = useRouter();
  const journal = useAppSelector(selectJournal);
  const { household } = journal;
  const find = (id: string) => lotOf(household, id);
  const path = [lot];
  for (let from = drawnFrom(lot, find); from && path.length < 12; from = drawnFrom(path[0]!, find))
    path.unshift(from.source);
  const temperatures = placeIds.flatMap((place) =>
    entriesAbout(journal, `place:${place}`).flatMap((entry) =>
      entry.kind === 'temperature-set' ? [{ id: entry.id, at: entry.at, place, celsius: entry.celsius }] : [],
    ),
  );
  const grounds = groundsOf(topic, path, household, temperatures, now);
  const { relation, source } = relations[topic];
  const lead = (input: GroundInput) => {
    const owner = path.find((each) => entriesAbout(journal, each.id).some(({ id }) => id === input.entryId));
    onClose();
    if (owner) router.navigate(`${hrefOf(owner)}?entry=${input.entryId}`);
  };
  return (
    <Sheet title={t`Why? ${topicTitles[topic]}`} onClose={onClose}>
      {whole}
      {whole ? <Text as="subheading" level={3}>{t`How it is worked out`}</Text> : null}
      <Text>{relation}</Text>
      <Text as="subheading" level={3}>{t`What it rests on`}</Text>
      <View>
        {grounds.inputs.slice(-shownAtMost).map((input, index) => {
          const words = inputWords(input, household);
          const when = input.entryId ? `, ${moment(input.at, now)}` : '';
          return input.entryId && input.code !== 'temperature' ? (
            <Press
              key={index}
              role="link"
              aria-label={t`${words}: see the entry`}
              onPress={() => lead(input)}
            >
              <Text>
                <Text as="strong">{words}</Text>
                {when}
              </Text>
            </Press>
          ) : (
            <Text key={index} style={{ paddingVertical: 8 }}>{`${words}${when}`}</Text>
          );
        })}
      </View>
      <Text as="subheading" level={3}>{t`What would change it most`}</Text>
      <Text>{changeWords(grounds)}</Text>
      <Text color={roles.softText}>{source}</Text>
    </Sheet>
  );
}

import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { crossingOf } from '@/core/forecast/read-off/crossing';
import type { LotAnswer } from '@/core/forecast/answer/family-answer';
import { everyLot } from '@/core/journal/household';
import { palateOf } from '@/core/tasting/palate';
import { tastingsOf } from '@/core/tasting/tastings';
import { peopleOf, type Person } from '@/core/settings/person';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { Ribbon } from '@/ui/drawings/ribbon';
import { gap } from '@/ui/theme/shape';
import { useRoles } from '@/ui/theme/use-roles';
import { moment, quarter } from '@/words/moment';
import { freeId } from '@/core/recipes/recipe-versions';
import { useAct } from '../acts/act-context';
import { hourMs } from '@/core/duration';
import { t } from '@/core/language/t';

/** How sweet somebody likes it when the first ferment is stopped, g/L as tasted. */
const stops = [
  { value: 70, label: t`Sweet` },
  { value: 50, label: t`Balanced` },
  { value: 30, label: t`Nearly dry` },
  { value: 12, label: t`Dry` },
] as const;

/** Each person of the household has their own moment on the same clock. */
export function StopPoints({ answer, now }: { readonly answer: LotAnswer; readonly now: number }) {
  const people = peopleOf(useAppSelector(selectHousehold));
  const [adding, setAdding] = useState(false);
  const end = answer.start + answer.hours.at(-1)! * hourMs;
  return (
    <Card label={t`Ready for whom?`} testID="stop-points">
      <Text as="subheading" level={2}>{t`Ready for whom?`}</Text>
      {people.length === 0 ? (
        <Text>{t`One likes it sweet, another dry: say who, and each gets their own moment to stop it.`}</Text>
      ) : null}
      {people.map((person) => (
        <Stop key={person.key} person={person} answer={answer} now={now} end={end} />
      ))}
      {adding ? <AddPerson taken={people.map(({ key }) => key)} onDone={() => setAdding(false)} /> : null}
      {adding ? null : <InkButton quiet label={t`Add somebody`} onPress={() => setAdding(true)} />}
    </Card>
  );
}

interface StopProps {
  readonly person: Person;
  readonly answer: LotAnswer;
  readonly now: number;
  readonly end: number;
}

function Stop({ person, answer, now, end }: StopProps) {
  const act = useAct();
  const roles = useRoles();
  const learned = useLearnedSweetness(person.name);
  const stopsAt = learned ?? person.stopsAt ?? stops[1].value;
  const crossing = crossingOf(answer.hours, answer.series.sweet, stopsAt);
  const at = (hour: number | null) => (hour === null ? end : answer.start + hour * hourMs);
  const [from, middle, until] = [at(crossing.earliest), at(crossing.middle), at(crossing.latest)];
  const words =
    crossing.middle === null
      ? t`${person.name}: not within the forecast, it stays sweeter than that.`
      : middle < now
        ? t`${person.name}: about ${moment(quarter(middle), now)}; it is past that.`
        : t`${person.name}: about ${moment(quarter(middle), now)}. Not before ${moment(quarter(from), now)}, not after ${crossing.latest === null ? t`the forecast’s end` : moment(quarter(until), now)}.`;
  const label = stops.find(({ value }) => value === person.stopsAt)?.label ?? t`Balanced`;
  return (
    <View style={{ gap: 4 }}>
      <Text as="strong">{words}</Text>
      {crossing.middle === null ? null : (
        <Ribbon
          span={{
            from,
            until: Math.max(until, from + hourMs),
            fromSoftHours: Math.max(2, (middle - from) / hourMs / 2),
            untilSoftHours: Math.max(2, (until - middle) / hourMs / 2),
          }}
          now={now}
          start={Math.min(now, answer.start)}
          end={Math.min(end, Math.max(until + 12 * hourMs, now + 48 * hourMs))}
          summary={words}
        />
      )}
      <View style={{ flexDirection: 'row', alignItems: 'center', gap: gap.small }}>
        <Text color={roles.softText} style={{ flex: 1 }}>
          {learned === null
            ? t`Likes it ${label.toLowerCase()}, about ${stopsAt} g/L.`
            : t`About ${stopsAt} g/L, learned from what ${person.name} scored.`}
        </Text>
        <InkButton
          quiet
          label={t`Take out`}
          hint={t`Take ${person.name} out`}
          onPress={() =>
            act(
              { kind: 'kept', thing: 'person', key: person.key, value: null },
              t`${person.name} is taken out.`,
            )
          }
        />
      </View>
    </View>
  );
}

/** Sweetness somebody likes by their own scores, to 1 g/L; null until three sips were scored. */
function useLearnedSweetness(name: string): number | null {
  const household = useAppSelector(selectHousehold);
  return useMemo(() => {
    const sips = everyLot(household)
      .flatMap(tastingsOf)
      .filter(({ by }) => by === name);
    const { sweet } = palateOf(name, sips, 0).likes;
    return sweet.n >= 3 ? Math.round(sweet.level) : null;
  }, [household, name]);
}

function AddPerson({ taken, onDone }: { readonly taken: readonly string[]; readonly onDone: () => void }) {
  const act = useAct();
  const [name, setName] = useState('');
  const [stopsAt, setStopsAt] = useState<number>(50);
  const save = () => {
    const key = freeId(name, taken);
    act(
      { kind: 'kept', thing: 'person', key, value: { name: name.trim().slice(0, 60), stopsAt } },
      t`${name.trim()} is of the household.`,
    );
    onDone();
  };
  return (
    <View style={{ gap: gap.small }}>
      <TextBox label={t`Who`} value={name} onChange={setName} />
      <Choice
        label={t`Likes it`}
        options={stops}
        value={stopsAt as 70 | 50 | 30 | 12}
        onChange={setStopsAt}
      />
      <InkButton quiet label={t`Add`} disabled={name.trim() === ''} onPress={save} />
    </View>
  );
}

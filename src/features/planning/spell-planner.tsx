import { useState } from 'react';
import { View } from 'react-native';
import { everyLot } from '@/core/journal/household';
import { spellsOf, type Spell } from '@/core/settings/spell';
import { celsiusAt, placeIds, type PlaceId } from '@/core/kitchen/places';
import { isLiving } from '@/core/lots/lineage';
import { hoursAt } from '@/core/kitchen/pace';
import { keptCulture } from '@/core/starter/feed-plan';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Card } from '@/ui/controls/card';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { gap } from '@/ui/theme/shape';
import { moment } from '@/words/moment';
import { placeWords } from '@/words/names';
import { spellWords } from '@/words/kitchen/planning-words';
import { MomentField } from '../../ui/controls/moment-field';
import { useAct } from '../acts/act-context';
import { dayMs } from '@/core/duration';
import { capital } from '@/core/capital';
import { degreesTyped } from '@/core/measures/parse-measure';
import { t } from '@/core/language/t';
import { readingShown } from '@/core/measures/unit-system';

/** A spell of heat or cold, entered ahead, and what it does to feeds. */
export function SpellPlanner() {
  const household = useAppSelector(selectHousehold);
  const now = useNow();
  const act = useAct();
  const [spell, setSpell] = useState<Omit<Spell, 'celsius'>>(() => ({
    place: 'counter',
    from: noonAfter(now, 1),
    to: noonAfter(now, 6),
  }));
  const [typed, setTyped] = useState(() => String(readingShown(32, '°C')));
  const celsius = degreesTyped(typed);
  const fault = faultOf(celsius, spell);
  const coming = spellsOf(household).filter(({ to }) => to > now);
  const usual = celsiusAt(household.warmths, spell.place, spell.from - 1);
  const kept = everyLot(household).flatMap((lot) => {
    const culture =
      lot.role === 'starter' && isLiving(lot) && lot.place === spell.place ? keptCulture(lot) : null;
    if (!culture || culture.keeping.feed.sugarShare === 0) return [];
    const { everyHours } = culture.keeping.feed;
    return [
      {
        name: lot.name,
        tender: culture.tenderBy ?? 0,
        before: hoursAt(everyHours, usual),
        then: hoursAt(everyHours, celsius),
      },
    ];
  });
  return (
    <Card label={t`Heat or cold`} testID="spell">
      <Text as="subheading" level={2}>{t`Heat or cold ahead`}</Text>
      {coming.map((each) => (
        <View key={`${each.place}-${each.from}`} style={{ gap: 4 }}>
          <Text as="strong">{t`${capital(placeWords[each.place])} at ${each.celsius} °C · ${moment(each.from, now)} to ${moment(each.to, now)}`}</Text>
          <InkButton
            quiet
            label={t`Take it out`}
            onPress={() =>
              act({ kind: 'kept', thing: 'spell', key: keyOf(each), value: null }, t`Taken out.`)
            }
          />
        </View>
      ))}
      <Choice
        label={t`Place`}
        options={placeIds
          .filter((id) => id !== 'fridge')
          .map((value) => ({ value, label: capital(placeWords[value]) }))}
        value={spell.place}
        onChange={(place) => setSpell({ ...spell, place: place as PlaceId })}
      />
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        <TextBox
          label={t`Degrees, °C`}
          value={typed}
          onChange={setTyped}
          numeric
          error={fault ?? undefined}
        />
        <MomentField
          label={t`From`}
          value={spell.from}
          min={now}
          onChange={(from) => from !== null && setSpell({ ...spell, from })}
          said={moment(spell.from, now)}
        />
        <MomentField
          label={t`Until`}
          value={spell.to}
          min={spell.from}
          onChange={(to) => to !== null && setSpell({ ...spell, to })}
          said={moment(spell.to, now)}
        />
      </View>
      {fault ? null : kept.map((each) => <Text key={each.name}>{spellWords(each, celsius)}</Text>)}
      {!fault && celsius + Math.max(0, ...kept.map(({ tender }) => tender)) > 34 ? (
        <Note tone="caution">{t`So warm, cultures suffer, and above 35 °C grains die. An insulated box with an ice brick helps, or the fridge for the hottest days.`}</Note>
      ) : null}
      <InkButton
        label={t`Plan for it`}
        disabled={fault !== null}
        onPress={() => {
          const whole = { ...spell, celsius };
          act(
            { kind: 'kept', thing: 'spell', key: keyOf(whole), value: whole },
            t`Feeds and forecasts follow it.`,
          );
        }}
      />
    </Card>
  );
}

const keyOf = ({ place, from }: Spell) => `${place}-${from}`;

function faultOf(celsius: number, { from, to }: Omit<Spell, 'celsius'>): string | null {
  if (!(celsius >= -5 && celsius <= 45)) return t`Between −5 and 45 °C.`;
  return to <= from ? t`It ends before it begins.` : null;
}

function noonAfter(now: number, days: number): number {
  const then = new Date(now + days * dayMs);
  then.setHours(12, 0, 0, 0);
  return then.getTime();
}

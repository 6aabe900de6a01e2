import type { SignKind } from '@/core/lots/signs';
import type { GroundInput, Grounds, Topic } from '@/core/forecast/answer/grounds';
import type { Household } from '@/core/journal/household';
import { vesselKind, type VesselId } from '@/core/vessels/vessel-kinds';
import type { PlaceId } from '@/core/kitchen/places';
import { nameOfLot, placeWords, quantityWords, signSaid, signWords } from '../names';
import { tasteSaid } from '../taste-words';
import { capital } from '@/core/capital';
import type { TasteKind } from '@/core/lots/lot';
import { plural, t } from '@/core/language/t';

/** The relation behind an answer, in words, and where it comes from. */
export const relations: Readonly<Record<Topic, { readonly relation: string; readonly source: string }>> = {
  chill: {
    relation: t`Some hundred plausible kitchens ferment on in the same bottle, weighed by what you saw. Yuzet works out what each would pour after three cold days, for every hour of chilling. Fizz and sweetness near what you want count for an hour, bursts against it. The window holds the hours that are hardly worse than the best. A look is asked for where its results lead to other hours.`,
    source: t`Gas: Henry’s law with Weiss 1974, trapped air, water vapour. Growth: Monod and Baranyi forms, temperature after Rosso 1993; constants reproduce household practice. Limits: careful practice.`,
  },
  taste: {
    relation: t`The same kitchens, in the jar. The fizz still to come eats some sugar too. The window lies about the sweetness that leaves it two thirds as sweet as it began.`,
    source: t`Sugar eaten by yeast and bacteria, Monod forms; sweetness of sugars from sensory handbooks.`,
  },
  draw: {
    relation: t`Yuzet follows the jar’s cells through its feeds, draws and warmth. It asks how many live there, how ready they are, and whether they have something to eat. The window opens where the middle kitchen is lively, and closes where it tires. Grains go by the sugar eaten, a tea mother by its acid, what is kept cold by what is alive.`,
    source: t`Baranyi and Roberts 1994 for readiness, Rosso 1993 for temperature; figures of well-kept jars are practice.`,
  },
  feed: {
    relation: t`The sugar of the last feeds is eaten at the pace of the warmth it lived. The kind’s usual rhythm at that warmth is the latest.`,
    source: t`The same kitchens; the rhythm is practice.`,
  },
  liveliness: {
    relation: t`How much lives in the jar against a well-kept one, times how ready the cells are. Hunger takes from it. Looks weigh it: good foam takes the dull kitchens out.`,
    source: t`The same kitchens. An estimate: foam and hiss come first.`,
  },
  pressure: {
    relation: t`The CO2 made so far shares itself between liquid and headspace. Air shut in at filling and water vapour add to it.`,
    source: t`Henry’s law (Weiss 1974), ideal gas. Working limits are careful practice, never a promise.`,
  },
  pour: {
    relation: t`The bottle goes into the fridge at the handle, takes three hours to cool, and is opened two days later.`,
    source: t`The same kitchens, followed through the cold.`,
  },
  sugar: {
    relation: t`Sugar of everything that went in, by composition tables, over the litres they make together. 100 g in a litre of water is 94 g/L, since sugar takes up room.`,
    source: t`Food composition tables; densities after ICUMSA.`,
  },
  level: {
    relation: t`What went in less what went out, by volume. A kept jar under cloth loses about what a feed’s sugar and plant displace.`,
    source: t`Mass balance; the loss is practice.`,
  },
};

/** One input in words. */
export function inputWords({ code, values }: GroundInput, household: Household): string {
  switch (code) {
    case 'added':
      return plural(Number(values.portions), 'thing', 'things') + t` went in`;
    case 'pitched':
      return t`Came from ${nameOfLot(String(values.from), household)}`;
    case 'drawn-into':
      return t`Went on to ${nameOfLot(String(values.to), household)}`;
    case 'temperature':
      return t`${placeWords[values.place as PlaceId]} ${Number(values.celsius).toFixed(1)} °C`;
    case 'place':
      return t`To the ${placeWords[values.place as PlaceId]}`;
    case 'vented':
      return t`Vented`;
    case 'vessel':
      return t`${vesselKind(values.kind as VesselId).name}, ${Math.round(Number(values.ml))} ml`;
    case 'begun':
      return t`Begun`;
    case 'reading':
      return readingWords(String(values.kind), values.value ?? '');
  }
}

function readingWords(kind: string, value: string | number): string {
  if (kind in signWords) {
    const said = signSaid(kind as SignKind, String(value));
    return capital(said);
  }
  if (kind in quantityWords) {
    const { title, unit, digits } = quantityWords[kind as keyof typeof quantityWords];
    return t`${title} ${Number(value).toFixed(digits)} ${unit}`.trim();
  }
  return t`Tasted: ${tasteSaid(kind as TasteKind, Number(value))}`;
}

/** What would change the answer most, in a sentence. */
export function changeWords(grounds: Grounds): string {
  const parts: string[] = [];
  if (grounds.warmer !== null && grounds.colder !== null) {
    const sooner = Math.round((1 - grounds.warmer) * 100);
    const later = Math.round((grounds.colder - 1) * 100);
    parts.push(
      t`Temperature: three degrees warmer brings it about ${sooner} % sooner, three colder about ${later} % later.`,
    );
  }
  parts.push(
    grounds.readings === 0
      ? t`Nothing was looked at yet: one squeeze, taste or gravity would narrow it most.`
      : t`${plural(grounds.readings, 'look')} weighed it; a fresh one counts most.`,
  );
  return parts.join(' ');
}

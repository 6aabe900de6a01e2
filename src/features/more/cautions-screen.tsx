import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { t } from '@/core/language/t';

const cautions = [
  [
    t`Glass under pressure`,
    t`Glass can explode and blind. Pressure-rated bottles only, a soft plastic pilot beside the glass, a covered box, glasses on. Past its limit a bottle is not moved by bare hand: chill it in place if you can.`,
  ],
  [
    t`Estimates`,
    t`Every pressure, sweetness and alcohol figure here is an estimate from a model. A gauge, a squeeze and your eyes come first. Working limits are careful practice; a lower mark on your bottle goes before them.`,
  ],
  [
    t`Mould and foul smells`,
    t`Fuzz or colour (green, black, pink, orange), or a foul smell: discard all of it and clean. Never skim mould and drink. A thin white film without fuzz is yeast.`,
  ],
  [
    t`Alcohol`,
    t`There is always some: tenths of a percent after days in the bottle, several percent after weeks with much sugar. Mind children, pregnancy, medicines and driving, and local law on making and selling.`,
  ],
  [
    t`Who should ask first`,
    t`With a weakened immune system ask a clinician before drinking live cultures. Whey carries milk allergens. Honey is not for children under one year.`,
  ],
  [t`Plants`, t`Forage only with certain identification, unsprayed, and never florist flowers.`],
  [
    t`Vessels and acid`,
    t`Acidic liquid wants glass, food-grade plastic or sound stainless steel: no reactive metal, no lead glaze, no crystal. Keep pH below 4.6 before long keeping; aim under 4.2.`,
  ],
  [
    t`Selling and sharing`,
    t`Food and alcohol rules are local. Follow them, and licensed practice, before anything leaves your household.`,
  ],
] as const;

/** Everything to mind, in one place. Each also stands where the hand is. */
export const CautionsScreen = () => (
  <Screen title={t`Cautions`} over={t`Calm, but meant`}>
    {cautions.map(([title, words]) => (
      <Card key={title}>
        <Text as="subheading" level={2}>
          {title}
        </Text>
        <Text>{words}</Text>
      </Card>
    ))}
  </Screen>
);

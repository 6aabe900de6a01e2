import { Card } from '@/ui/controls/card';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';

const cautions = [
  [
    'Glass under pressure',
    'Glass can explode and blind. Pressure-rated bottles only, a soft plastic pilot beside the glass, a covered box, glasses on. Past its limit a bottle is not moved by bare hand: chill it in place if you can.',
  ],
  [
    'Estimates',
    'Every pressure, sweetness and alcohol figure here is an estimate from a model. A gauge, a squeeze and your eyes come first. Working limits are careful practice; a lower mark on your bottle goes before them.',
  ],
  [
    'Mould and foul smells',
    'Fuzz or colour (green, black, pink, orange), or a foul smell: discard all of it and clean. Never skim mould and drink. A thin white film without fuzz is yeast.',
  ],
  [
    'Alcohol',
    'There is always some: tenths of a percent after days in the bottle, several percent after weeks with much sugar. Mind children, pregnancy, medicines and driving, and local law on making and selling.',
  ],
  [
    'Who should ask first',
    'With a weakened immune system ask a clinician before drinking live cultures. Whey carries milk allergens. Honey is not for children under one year.',
  ],
  ['Plants', 'Forage only with certain identification, unsprayed, and never florist flowers.'],
  [
    'Vessels and acid',
    'Acidic liquid wants glass, food-grade plastic or sound stainless steel: no reactive metal, no lead glaze, no crystal. Keep pH below 4.6 before long keeping; aim under 4.2.',
  ],
  [
    'Selling and sharing',
    'Food and alcohol rules are local. Follow them, and licensed practice, before anything leaves your household.',
  ],
] as const;

/** Everything to mind, in one place. Each also stands where the hand is. */
export const CautionsScreen = () => (
  <Screen title="Cautions" over="Calm, but meant">
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

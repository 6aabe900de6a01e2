import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Rect, Text as SvgText } from 'react-native-svg';
import type { Checked } from '@/core/tasting/looking-back';
import { stepPlace, type SteppedKind } from '@/core/tasting/step-scale';
import { Choice } from '@/ui/controls/choice';
import { Text } from '@/ui/controls/text';
import { gap } from '@/ui/theme/shape';
import { plain } from '@/ui/theme/type';
import { useRoles } from '@/ui/theme/use-roles';
import { fizzSteps, openingWords, sweetWords } from '@/words/names';
import { t } from '@/core/language/t';

type Kind = Checked['kind'];
interface Shown {
  readonly title: string;
  readonly scale: SteppedKind;
  readonly steps: readonly string[];
}
const shown: Readonly<Record<Kind, Shown>> = {
  fizz: { title: t`Fizz`, scale: 'fizz', steps: fizzSteps },
  sweet: { title: t`Sweetness`, scale: 'sweet', steps: sweetWords },
  opening: { title: t`Hiss`, scale: 'hiss', steps: Object.values(openingWords) },
};
const kinds = ['fizz', 'sweet', 'opening'] as const;

const head = 26;
const row = 18;

/** A row a look: the bar is what was forecast nine times in ten, the mark what was found. */
export function HeldPlot({ checked }: { readonly checked: readonly Checked[] }) {
  const [chosen, setChosen] = useState<Kind | null>(null);
  const there = kinds.filter((kind) => checked.some((each) => each.kind === kind));
  const kind = chosen ?? there[0];
  if (!kind) return null;
  const rows = checked.filter((each) => each.kind === kind);
  const held = rows.filter((each) => each.held).length;
  return (
    <View style={{ gap: gap.small }} testID="held-plot">
      {there.length > 1 ? (
        <Choice
          label={t`What was looked at`}
          options={there.map((value) => ({ value, label: shown[value].title }))}
          value={kind}
          onChange={setChosen}
        />
      ) : null}
      <Rows
        rows={rows}
        shown={shown[kind]}
        label={t`${shown[kind].title}: ${held} of ${rows.length} looks lay within what was forecast.`}
      />
      <Text>{t`A bar is the forecast, a dot the word you found. A diamond lies outside.`}</Text>
    </View>
  );
}

interface RowsProps {
  readonly rows: readonly Checked[];
  readonly shown: Shown;
  readonly label: string;
}

function Rows({ rows, shown: { scale, steps }, label }: RowsProps) {
  const roles = useRoles();
  const [width, setWidth] = useState(320);
  const height = head + rows.length * row + 4;
  const step = width / steps.length;
  const x = (value: number) => stepPlace(scale, value) * step;
  return (
    <View
      role="img"
      aria-label={label}
      onLayout={(event) => setWidth(Math.max(200, event.nativeEvent.layout.width))}
    >
      <Svg width={width} height={height} aria-hidden>
        {steps.map((word, i) => (
          <G key={word}>
            {i % 2 === 0 ? (
              <Rect x={i * step} y={0} width={step} height={height} fill={roles.well} rx={6} />
            ) : null}
            <SvgText
              x={(i + 0.5) * step}
              y={17}
              fontSize={step < 74 ? 13 : 14}
              fontFamily={plain}
              textAnchor="middle"
              fill={roles.text}
            >
              {word}
            </SvgText>
          </G>
        ))}
        {rows.map(({ lotId, band, seen, held }, i) => {
          const y = head + i * row + row / 2;
          const found = (stepPlace(scale, seen[0]) + 0.5) * step;
          return (
            <G key={`${lotId}-${i}`}>
              <Rect
                x={x(band[0])}
                y={y - 5}
                width={Math.max(4, x(band[2]) - x(band[0]))}
                height={10}
                rx={5}
                fill={roles.good}
                opacity={0.38}
              />
              <Line
                x1={x(band[1])}
                x2={x(band[1])}
                y1={y - 5}
                y2={y + 5}
                stroke={roles.good}
                strokeWidth={2}
              />
              <Line
                x1={found - step / 2 + 4}
                x2={found + step / 2 - 4}
                y1={y}
                y2={y}
                stroke={held ? roles.text : roles.danger}
                strokeWidth={1.5}
              />
              {held ? (
                <Circle cx={found} cy={y} r={5} fill={roles.text} />
              ) : (
                <Path
                  d={`M${found} ${y - 7}l7 7-7 7-7-7z`}
                  fill={roles.card}
                  stroke={roles.danger}
                  strokeWidth={2.5}
                />
              )}
            </G>
          );
        })}
      </Svg>
    </View>
  );
}

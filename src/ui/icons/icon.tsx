import Svg, { Path } from 'react-native-svg';
import { glyphs, type GlyphName } from './glyphs';

interface Props {
  readonly name: GlyphName;
  readonly color: string;
  readonly size?: number;
}

/** One of our line icons; what it means is always said in words beside it or in a label. */
export const Icon = ({ name, color, size = 24 }: Props) => (
  <Svg width={size} height={size} viewBox="0 0 24 24" fill="none" aria-hidden>
    <Path d={glyphs[name]} stroke={color} strokeWidth={1.8} strokeLinecap="round" strokeLinejoin="round" />
  </Svg>
);

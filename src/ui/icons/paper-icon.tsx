import Svg, { Path } from 'react-native-svg';
import { paperPaths } from './paper-paths';

interface Props {
  readonly name: string;
  readonly color?: string | undefined;
  readonly size?: number;
}

/** Stands in for the icon font inside Paper: only the outlines Paper itself asks for. */
export const PaperIcon = ({ name, color = 'currentColor', size = 24 }: Props) => (
  <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
    <Path d={paperPaths[name] ?? ''} fill={color} />
  </Svg>
);

import type { ViewStyle } from 'react-native';

/** What a browser can do to a view beyond the styles of phones. */
interface WebStyle {
  readonly position?: 'sticky';
  readonly top?: number;
  readonly zIndex?: number;
  readonly display?: 'block';
  readonly contain?: 'content';
  readonly willChange?: 'transform';
  readonly touchAction?: 'none';
  readonly cursor?: 'ew-resize';
  readonly whiteSpace?: 'normal';
  readonly overflow?: 'visible';
  readonly overflowWrap?: 'anywhere';
}

/** Styles that only the web knows, for a view: the types of phones lack them. */
// eslint-disable-next-line no-restricted-syntax -- react-native-web takes every CSS property, react-native's types do not
export const webStyle = (style: WebStyle): ViewStyle => style as unknown as ViewStyle;

import { useRouter } from 'expo-router';
import type { ReactNode } from 'react';
import type { GestureResponderEvent, StyleProp, ViewStyle } from 'react-native';
import { atBase } from '../files/at-base';
import { Press } from './press';

/** Whether a tap asks the browser for something else: a tab or a window of its own, a file. */
const isForBrowser = (event: GestureResponderEvent): boolean => {
  const { ctrlKey, metaKey, shiftKey } = event as {
    ctrlKey?: boolean;
    metaKey?: boolean;
    shiftKey?: boolean;
  };
  return Boolean(ctrlKey || metaKey || shiftKey);
};

/**
 * What makes something that can be pressed a link to the browser as well: to be opened in a new tab, pressed long or copied.
 *
 * @param href a page of the app: "/brews/…"
 * @param onGo done before it is left
 */
export function useLink(href: string, onGo?: () => void) {
  const router = useRouter();
  return {
    role: 'link' as const,
    href: atBase(href.replace(/^\//, '')),
    onPress: (event: GestureResponderEvent) => {
      if (isForBrowser(event)) return;
      event.preventDefault();
      onGo?.();
      router.navigate(href);
    },
  };
}

interface Props {
  readonly href: string;
  readonly 'aria-label': string;
  readonly 'aria-current'?: 'page' | undefined;
  readonly style?: StyleProp<ViewStyle>;
  readonly children: ReactNode;
}

/** Anything that leads to another page. */
export function PressLink({ href, children, ...rest }: Props) {
  const link = useLink(href);
  return (
    <Press {...rest} {...link}>
      {children}
    </Press>
  );
}

import { lazy, Suspense, type ComponentType } from 'react';
import { Text } from '@/ui/controls/text';

/**
 * A component that is loaded when it is first shown: forms and charts bring libraries that the first page does not need.
 *
 * @param load an import() of the component's file, giving the component
 */
export function later<P extends object>(load: () => Promise<ComponentType<P>>): ComponentType<P> {
  const Loaded = lazy(async () => ({ default: (await load()) as ComponentType<object> }));
  return function Later(props: P) {
    return (
      <Suspense fallback={<Text>One moment…</Text>}>
        <Loaded {...props} />
      </Suspense>
    );
  };
}

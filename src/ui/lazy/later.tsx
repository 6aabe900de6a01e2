import { lazy, Suspense, type ComponentType, type ReactNode } from 'react';
import { Text } from '@/ui/controls/text';
import { t } from '@/core/language/t';

/**
 * A component that is loaded when it is first shown: forms and charts bring libraries that the first page does not need.
 *
 * @param load an import() of the component's file, giving the component
 * @param meanwhile what is shown until it is there: null for a sheet, which covers nothing before it opens
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  meanwhile: ReactNode = <Text>{t`One moment…`}</Text>,
): ComponentType<P> {
  const Loaded = lazy(async () => ({ default: (await load()) as ComponentType<object> }));
  return function Later(props: P) {
    return (
      <Suspense fallback={meanwhile}>
        <Loaded {...props} />
      </Suspense>
    );
  };
}

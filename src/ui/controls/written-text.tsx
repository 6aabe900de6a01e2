import type { Ref } from 'react';
import { Text as NativeText } from 'react-native';
import { type, type TypeName } from '../theme/type';
import { useRoles } from '../theme/use-roles';

interface Props {
  readonly ref: Ref<NativeText>;
  readonly as?: TypeName;
  readonly live?: boolean;
  readonly testID?: string;
}

/** Text that is written past React, as a handle moves: Paper's hands out no element to write into. */
export function WrittenText({ ref, as = 'body', live, testID }: Props) {
  const roles = useRoles();
  return (
    <NativeText
      ref={ref}
      testID={testID}
      {...(live ? { 'aria-live': 'polite' as const } : {})}
      style={[type[as], { color: roles.text }]}
    />
  );
}

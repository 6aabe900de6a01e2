import { useRef } from 'react';
import { TimeHandle, type TimeHandleRef } from '@/ui/charts/time-handle';
import { useRoles } from '@/ui/theme/use-roles';
import { useRiding, useRidingInTurn } from './drag-controller';
import type { Handle } from './use-handle';

interface Props {
  readonly handle: Handle;
  /** From an hour to its place on the lanes. */
  readonly scale: (hour: number) => number;
  readonly hourPixels: number;
  readonly height: number;
  readonly label: string;
}

/** The handle at the hour the hand holds. */
export function ClockHandle({ handle, scale, hourPixels, height, label }: Props) {
  const roles = useRoles();
  const knob = useRef<TimeHandleRef>(null);
  useRiding(handle.hand, (chosen) => knob.current?.move(scale(handle.hourOf(chosen))));
  useRidingInTurn(handle.hand, [
    (chosen) => {
      const hour = handle.hourOf(chosen);
      knob.current?.say(hour, handle.words(hour));
    },
  ]);
  return (
    <TimeHandle
      ref={knob}
      height={height}
      label={label}
      min={handle.min}
      max={handle.max}
      onDrag={(pixels, phase) => handle.drag(pixels / hourPixels, phase)}
      onStep={handle.step}
      color={roles.brew}
    />
  );
}

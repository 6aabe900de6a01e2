import { useEffect, useRef } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import { beginRows, type BeginOutput, type BeginValues } from './begin-form';

/** Amounts follow the jar, each until it is typed by hand. */
export function useFollowingAmounts(
  form: UseFormReturn<BeginValues, unknown, BeginOutput>,
  typed: BeginValues,
) {
  const { way, jar } = typed;
  const suggested = useRef({ way, jar });
  useEffect(() => {
    const before = suggested.current;
    if (before.way === way && before.jar === jar) return;
    suggested.current = { way, jar };
    if (before.way !== way) {
      form.setValue('portions', beginRows(way, jar));
      return;
    }
    const [was, now] = [beginRows(way, before.jar), beginRows(way, jar)];
    form.getValues('portions').forEach((row, i) => {
      const untouched = was.find(({ what, amount }) => what === row.what && amount === row.amount);
      const next = now.find(({ what }) => what === row.what);
      if (untouched && next) form.setValue(`portions.${i}.amount`, next.amount);
    });
  }, [form, way, jar]);
}

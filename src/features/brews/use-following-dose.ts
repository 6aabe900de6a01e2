import { useEffect, useRef } from 'react';
import type { UseFormReturn } from 'react-hook-form';
import type { Lot } from '@/core/lots/lot';
import { doseFor, type BrewOutput, type BrewValues } from './brew-form';

/** The dose follows the volume and the jar, until it is typed by hand. */
export function useFollowingDose(
  form: UseFormReturn<BrewValues, unknown, BrewOutput>,
  typed: BrewValues,
  lots: readonly Lot[],
  celsius: number,
) {
  const suggested = useRef(typed.dose);
  const { by, volume, count, size, life, dose } = typed;
  useEffect(() => {
    if (dose !== suggested.current) return;
    const next = doseFor(
      { by, volume, count, size },
      lots.find(({ id }) => id === life),
      celsius,
    );
    if (next === '' || next === dose) return;
    suggested.current = next;
    form.setValue('dose', next);
  }, [form, by, volume, count, size, life, dose, lots, celsius]);
}

import { useMemo } from 'react';
import type { BatchAnswer } from '@/core/forecast/batch-answer';
import { seriesOf } from '@/core/forecast/quantiles';
import { diverged, withDose } from '@/core/forecast/what-if';
import { chillWindow, tasteWindow } from '@/core/forecast/windows';
import { Choice } from '@/ui/controls/choice';

export type Supposed = 'as-is' | 'cooler' | 'warmer' | 'burped' | 'half-dose' | 'double-dose';

const options = [
  { value: 'as-is', label: 'As it is' },
  { value: 'cooler', label: '3° cooler' },
  { value: 'warmer', label: '3° warmer' },
  { value: 'burped', label: 'Burped daily' },
  { value: 'half-dose', label: 'Half the dose' },
  { value: 'double-dose', label: 'Twice the dose' },
] as const;

interface Props {
  readonly value: Supposed;
  readonly onChange: (value: Supposed) => void;
  readonly sealed: boolean;
}

/** What if: one thing changed, answered at once from the stored run. */
export const WhatIfChoice = ({ value, onChange, sealed }: Props) => (
  <Choice
    label="What if"
    options={options.filter((option) => sealed || option.value !== 'burped')}
    value={value}
    onChange={onChange}
  />
);

export interface Asked {
  readonly supposed: Supposed;
  readonly nowHour: number;
  readonly wantedVolumes: number;
  readonly wantedSweetness: number;
  readonly limitBar: number | null;
}

/** The answer with that one thing changed from now on (the dose: from the start). */
export function useSupposed(
  answer: BatchAnswer,
  { supposed, nowHour, wantedVolumes, wantedSweetness, limitBar }: Asked,
): BatchAnswer {
  const hour = Math.max(0, Math.floor(nowHour));
  return useMemo(() => {
    if (supposed === 'as-is') return answer;
    const { run, sealedFromHour } = answer;
    const celsius = run.scenario.stages.at(-1)!.celsius;
    const dose = run.scenario.starter.amountPerLitre;
    const changed =
      supposed === 'half-dose' || supposed === 'double-dose'
        ? withDose(run, supposed === 'half-dose' ? dose / 2 : dose * 2)
        : diverged(
            run,
            hour,
            supposed === 'burped'
              ? { ventEveryHours: 24 }
              : { celsius: celsius + (supposed === 'warmer' ? 3 : -3) },
          );
    return {
      ...answer,
      run: changed,
      series: {
        sweet: seriesOf(changed, 'sweetnessGramsPerLitre'),
        fizz: seriesOf(changed, 'heldVolumes'),
        gauge: seriesOf(changed, 'gaugeBar'),
        ph: seriesOf(changed, 'ph'),
        alcohol: seriesOf(changed, 'abvPercent'),
      },
      chill:
        sealedFromHour !== null && limitBar !== null
          ? chillWindow(changed, wantedVolumes, limitBar, sealedFromHour)
          : null,
      taste: sealedFromHour === null ? tasteWindow(changed, wantedSweetness) : null,
    };
  }, [answer, supposed, hour, wantedVolumes, wantedSweetness, limitBar]);
}

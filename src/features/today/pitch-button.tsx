import { useState } from 'react';
import type { Lot } from '@/core/lots/lot';
import { InkButton } from '@/ui/controls/ink-button';
import { PitchSheet } from '../brews/lazy';
import { t } from '@/core/language/t';

/** Pitches from where it is asked for: how warm the base is, and how much. */
export function PitchButton({ lot }: { readonly lot: Lot }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <InkButton label={t`Pitch`} hint={t`Pitch ${lot.name}`} onPress={() => setOpen(true)} />
      {open ? <PitchSheet lot={lot} onClose={() => setOpen(false)} /> : null}
    </>
  );
}

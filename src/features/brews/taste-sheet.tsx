import { useState } from 'react';
import type { BatchState } from '@/core/brew/batch-state';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { useAct } from '../shell/act-context';
import { TasteChoices, usualTaste } from './taste-choices';

interface Props {
  readonly batch: BatchState;
  readonly onClose: () => void;
}

/** A sip of a batch, noted. */
export function TasteSheet({ batch, onClose }: Props) {
  const act = useAct();
  const [taste, setTaste] = useState(usualTaste);
  return (
    <Sheet title={`Taste ${batch.name}`} onClose={onClose}>
      <TasteChoices value={taste} onChange={setTaste} />
      <InkButton
        label="Note it"
        onPress={() => {
          act({ kind: 'tasted', batchId: batch.id, ...taste }, 'Taste noted; the forecast takes it in.');
          onClose();
        }}
      />
    </Sheet>
  );
}

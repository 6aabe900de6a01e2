import { useState } from 'react';
import type { BatchState } from '@/core/brew/batch-state';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { useAct } from '../shell/act-context';
import { sourSteps, sweetSteps } from './taste-words';

interface Props {
  readonly batch: BatchState;
  readonly onClose: () => void;
}

/** A sip: two taps. */
export function TasteSheet({ batch, onClose }: Props) {
  const act = useAct();
  const [sweet, setSweet] = useState<number>(3);
  const [sour, setSour] = useState<number>(2);
  return (
    <Sheet title={`Taste ${batch.name}`} onClose={onClose}>
      <Text as="strong">Sweet</Text>
      <Choice label="Sweet" options={sweetSteps} value={sweet} onChange={setSweet} />
      <Text as="strong">Sour</Text>
      <Choice label="Sour" options={sourSteps} value={sour} onChange={setSour} />
      <InkButton
        label="Note it"
        onPress={() => {
          act({ kind: 'tasted', batchId: batch.id, sweet, sour }, 'Taste noted; the forecast takes it in.');
          onClose();
        }}
      />
    </Sheet>
  );
}

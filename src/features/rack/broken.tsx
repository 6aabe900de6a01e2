import { useState } from 'react';
import { View } from 'react-native';
import type { Lot } from '@/core/lots/lot';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { gap } from '@/ui/theme/shape';
import { useAct } from '../acts/act-context';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly name: string;
  readonly onDone: () => void;
}

/** A bottle that burst or leaked: what hands do first, then one tap. Its siblings are judged by it at once. */
export function Broken({ lot, name, onDone }: Props) {
  const act = useAct();
  const [open, setOpen] = useState(false);
  const soft = lot.vessel.kind === 'plastic-soda';
  const end = (how: 'burst' | 'leaked') => {
    act(
      { kind: 'ended', lots: [lot.id], how, why: how === 'burst' ? t`It burst` : t`It leaked` },
      how === 'burst' ? t`${name} burst. Its siblings are not to be handled.` : t`${name} leaked.`,
    );
    onDone();
  };
  if (!open)
    return (
      <InkButton
        quiet
        label={t`It burst, or leaks`}
        onPress={() => setOpen(true)}
        style={{ alignSelf: 'flex-start' }}
      />
    );
  return (
    <View style={{ gap: gap.small }} testID="broken">
      <Note tone="danger">
        {t`${soft ? '' : t`Keep away from the others. Glasses, gloves and shoes before you sweep; no bare hands in wet glass. `}Cover the bottles of this batch with a towel and cool the place where they stand. Touch none of them warm.`}
      </Note>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton danger label={t`It burst`} onPress={() => end('burst')} />
        <InkButton quiet label={t`It leaked`} onPress={() => end('leaked')} />
      </View>
    </View>
  );
}

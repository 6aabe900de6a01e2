import { useEffect } from 'react';
import { View } from 'react-native';
import { dropDraft, keepDraft } from '@/store/drafts';
import { clockNow } from '@/store/environment';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { gap } from '@/ui/theme/shape';
import type { WorktopState } from './worktop-state';
import { t } from '@/core/language/t';

/** Keeps what is on the worktop with every turn of an amount. @returns drops it: the brew has begun */
export function useDraft(name: string, state: WorktopState, begun: WorktopState): () => void {
  useEffect(() => {
    if (state !== begun) keepDraft(name, state, clockNow());
  }, [state, begun, name]);
  return () => dropDraft(name);
}

/** Says that the worktop is as it was left, and clears it. */
export const BackAgain = ({ onAfresh }: { readonly onAfresh: () => void }) => (
  <View style={{ gap: gap.small }} testID="draft-back">
    <Note tone="plain">{t`Here is your unfinished brew, as you left it.`}</Note>
    <InkButton quiet label={t`Start afresh`} onPress={onAfresh} style={{ alignSelf: 'flex-start' }} />
  </View>
);

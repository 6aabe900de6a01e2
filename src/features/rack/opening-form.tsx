import { refusalWords } from '@/words/refusals';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { celsiusAt } from '@/core/kitchen/places';
import type { Lot, OpeningKind } from '@/core/lots/lot';
import { volumeTyped } from '@/core/measures/portion-measure';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { useNow } from '@/store/use-now';
import { Choice } from '@/ui/controls/choice';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Sheet } from '@/ui/controls/sheet';
import { Text } from '@/ui/controls/text';
import { TextBox } from '@/ui/controls/text-box';
import { openingReason, wayTitles, wayWords } from '@/words/bottles/opening-words';
import { useForecasts } from '../forecasting/forecasts';
import { bottleScales, TasteChoices, type Taste } from '../lots/taste-choices';
import { TasterChoice } from '../lots/taster-choice';
import { useAct } from '../acts/act-context';
import { guideOf } from './guide-of';
import { t } from '@/core/language/t';

interface Props {
  readonly lot: Lot;
  readonly name: string;
  readonly onClose: () => void;
}

const openings = [
  { value: 'still', label: t`Still` },
  { value: 'gentle', label: t`Gentle hiss` },
  { value: 'lively', label: t`Lively` },
  { value: 'gusher', label: t`Gusher` },
] as const satisfies readonly { value: OpeningKind; label: string }[];

/** How to open it; then how it opened, what was lost, and how it tasted to whom: what the next batch learns from. */
export function OpeningForm({ lot, name, onClose }: Props) {
  const [opened, setOpened] = useState(lot.opened !== null);
  return (
    <Sheet title={opened ? t`How is ${name}?` : t`Open ${name}`} onClose={onClose}>
      {opened ? (
        <Sips lot={lot} onClose={onClose} />
      ) : (
        <Opening lot={lot} name={name} onOpened={() => setOpened(true)} />
      )}
    </Sheet>
  );
}

function Opening({ lot, name, onOpened }: Omit<Props, 'onClose'> & { readonly onOpened: () => void }) {
  const act = useAct();
  const now = useNow();
  const household = useAppSelector(selectHousehold);
  const answer = useForecasts().lotAnswer(lot.id);
  const guide = guideOf(lot, answer, celsiusAt(household.warmths, lot.place, now), now);
  const [how, setHow] = useState<OpeningKind>('gentle');
  const [lost, setLost] = useState('');
  const [note, setNote] = useState('');
  const lostMl = lost.trim() === '' ? null : volumeTyped(lost, 'ml');
  const lostFault =
    lostMl && !lostMl.ok
      ? refusalWords(lostMl)
      : lostMl?.ok && lostMl.value > lot.vessel.ml
        ? t`More than it holds.`
        : undefined;
  const save = () => {
    if (lostFault) return;
    act(
      {
        kind: 'opened',
        lotId: lot.id,
        how,
        ...(lostMl?.ok ? { lostMl: lostMl.value } : {}),
        ...(note.trim() ? { note: note.trim().slice(0, 2000) } : {}),
      },
      t`${name} is opened.`,
    );
    onOpened();
  };
  const grave = guide?.way === 'leave' || guide?.way === 'in-steps';
  return (
    <>
      {guide ? (
        <Note tone={grave ? 'danger' : 'caution'}>
          {`${wayTitles[guide.way]}. ${wayWords[guide.way]} ${openingReason(guide)}`}
        </Note>
      ) : lot.place === 'fridge' ? null : (
        <Note tone="danger">{t`This one is warm: chill it first if you can. A warm bottle gushes.`}</Note>
      )}
      <Note tone="caution">{t`It holds some alcohol: mind children, pregnancy and driving. Eyes and a squeeze come before any estimate.`}</Note>
      <Choice titled label={t`How did it open?`} options={openings} value={how} onChange={setHow} />
      <TextBox
        label={t`Lost over the rim`}
        value={lost}
        onChange={setLost}
        hint={t`Nothing, or 50 ml, half a cup`}
        error={lostFault}
      />
      <TextBox label={t`What to change next time`} value={note} onChange={setNote} multiline />
      <InkButton label={t`Opened`} onPress={save} />
    </>
  );
}

/** Sips of one after the other. */
function Sips({ lot, onClose }: { readonly lot: Lot; readonly onClose: () => void }) {
  const act = useAct();
  const router = useRouter();
  const [by, setBy] = useState('');
  const [taste, setTaste] = useState<Taste>({});
  const [noted, setNoted] = useState<readonly string[]>([]);
  const save = () => {
    act(
      { kind: 'tasted', lotId: lot.id, ...taste, ...(by.trim() ? { by: by.trim() } : {}) },
      t`${by.trim() || t`Your`} taste is noted.`,
    );
    setNoted([...noted, by.trim() || t`you`]);
    setTaste({});
  };
  return (
    <>
      {noted.length > 0 ? <Text live>{t`Noted: ${noted.join(', ')}. Somebody else?`}</Text> : null}
      <TasterChoice value={by} onChange={setBy} />
      <TasteChoices value={taste} onChange={setTaste} kinds={bottleScales} />
      <InkButton label={t`Note the taste`} disabled={Object.keys(taste).length === 0} onPress={save} />
      <InkButton
        quiet
        label={t`Beside its siblings`}
        hint={t`Compare it with the bottles of its batch`}
        onPress={() => router.navigate(`/compare?with=${lot.id}`)}
      />
      <InkButton quiet label={t`Done`} hint={t`Done tasting`} onPress={onClose} />
    </>
  );
}

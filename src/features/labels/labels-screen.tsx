import { useLocalSearchParams, useRouter } from 'expo-router';
import { Asset } from 'expo-asset';
import { useMemo, useState } from 'react';
import { Image, View } from 'react-native';
import { lotOf } from '@/core/journal/household';
import { wentTo } from '@/core/lots/lineage';
import type { Lot } from '@/core/lots/lot';
import { selectHousehold } from '@/store/selectors';
import { useAppSelector } from '@/store/store';
import { InkButton } from '@/ui/controls/ink-button';
import { Note } from '@/ui/controls/note';
import { Text } from '@/ui/controls/text';
import { Screen } from '@/ui/layout/screen';
import { corners, gap } from '@/ui/theme/shape';
import { printFonts } from '@/ui/theme/print-fonts';
import { saveBlob } from '@/ui/files/save-file';
import { useForecasts } from '../forecasting/forecasts';
import { Nowhere } from '@/ui/layout/nowhere';
import { codeOf } from './code';
import { labelOf, type Label } from './label';
import * as Layout from './label-layout';
import { labelCanvas, labelsPng } from './label-picture';
import { plural, t } from '@/core/language/t';

/** Labels of a brew's bottles: as they will be printed, as a sheet, as a picture. */
export function LabelsScreen() {
  const { brew } = useLocalSearchParams<{ brew?: string }>();
  const household = useAppSelector(selectHousehold);
  const lot = brew ? lotOf(household, brew) : undefined;
  return lot ? <Labels lot={lot} /> : <Nowhere what="brew" back="/brews" />;
}

function Labels({ lot }: { readonly lot: Lot }) {
  const router = useRouter();
  const household = useAppSelector(selectHousehold);
  const forecasts = useForecasts();
  const [fault, setFault] = useState<string | null>(null);
  const bottles = (
    lot.role === 'bottle'
      ? [lot]
      : wentTo(lot).flatMap(({ lotId }) => (lotId ? [lotOf(household, lotId)] : []))
  ).filter((each): each is Lot => each?.role === 'bottle' && !each.opened && !each.ended);
  const labels = bottles.map((each) =>
    labelOf(each, household, forecasts.lotAnswer(each.id), window.location.href),
  );
  const file = `yuzet-labels-${lot.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}`;
  const save = async (make: () => Promise<Blob>, name: string) => {
    try {
      saveBlob(await make(), name);
      setFault(null);
    } catch {
      setFault(t`The labels could not be made just now. Try once more, or save them the other way.`);
    }
  };
  return (
    <Screen title={t`Labels for ${lot.name}`} over={t`Rack`} width={980}>
      {labels.length === 0 ? <Text>{t`No closed bottle of it stands here.`}</Text> : null}
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.small }}>
        <InkButton
          label={t`Sheet to print, ${plural(labels.length, 'label')}`}
          hint={t`Save the labels as a PDF sheet`}
          disabled={labels.length === 0}
          onPress={() => void save(() => pdfOf(labels), `${file}.pdf`)}
        />
        <InkButton
          quiet
          label={t`As a picture`}
          hint={t`Save the labels as a PNG`}
          disabled={labels.length === 0}
          onPress={() => void save(() => labelsPng(labels), `${file}.png`)}
        />
        <InkButton quiet label={t`To the rack`} onPress={() => router.navigate('/rack')} />
      </View>
      {fault ? <Note tone="danger">{fault}</Note> : null}
      <Text>{t`The windows are as they stand now: a squeeze may move them. The code leads to the bottle’s page, in a browser that holds this kitchen.`}</Text>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: gap.medium }}>
        {labels.map((label) => (
          <LabelPreview key={label.lotId} label={label} />
        ))}
      </View>
    </Screen>
  );
}

function LabelPreview({ label }: { readonly label: Label }) {
  const said = JSON.stringify(label);
  const uri = useMemo(() => labelCanvas(JSON.parse(said) as Label).toDataURL('image/png'), [said]);
  return (
    <Image
      source={{ uri }}
      accessibilityLabel={`${label.name}, ${label.bottle}. ${label.chill}. ${label.alcohol}`}
      resizeMode="contain"
      style={[corners.note, { width: '100%', maxWidth: 460, aspectRatio: 96 / 54 }]}
    />
  );
}

/** The sheet, with the program that makes it and its fonts fetched only now. */
async function pdfOf(labels: readonly Label[]): Promise<Blob> {
  const [{ labelSheet }, display, text] = await Promise.all([
    import('./label-pdf'),
    bytesOf(printFonts.display),
    bytesOf(printFonts.text),
  ]);
  const drawn = labels.map(
    (label) => (measure: Layout.Measure) => Layout.layOut(label, codeOf(label.link), measure),
  );
  const bytes = await labelSheet(drawn, Layout, { display, text });
  return new Blob([bytes as BlobPart], { type: 'application/pdf' });
}

const bytesOf = async (font: number): Promise<ArrayBuffer> =>
  (await fetch(Asset.fromModule(font).uri)).arrayBuffer();

import type { Lot } from '@/core/lots/lot';
import type { ActKind } from './act-kinds';
import { AddSheet } from './add-sheet';
import { EndSheet } from './end-sheet';
import { LookSheet } from './look-sheet';
import { MeasureSheet } from './measure-sheet';
import { MoveSheet } from './move-sheet';
import { PourSheet } from './pour-sheet';
import { TasteSheet } from './taste-sheet';

interface Props {
  readonly lot: Lot;
  readonly kind: ActKind;
  readonly onClose: () => void;
}

const sheets = {
  add: AddSheet,
  pour: PourSheet,
  look: LookSheet,
  taste: TasteSheet,
  measure: MeasureSheet,
  move: MoveSheet,
  end: EndSheet,
} as const satisfies Record<ActKind, unknown>;

/** The sheet of an act: the same whatever the lot's role. */
export function LotSheet({ lot, kind, onClose }: Props) {
  const Chosen = sheets[kind];
  return <Chosen lot={lot} onClose={onClose} />;
}

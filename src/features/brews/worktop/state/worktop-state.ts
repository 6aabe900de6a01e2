import type { Composition, Turned } from '@/core/brew/composition';
import type { BaseKind } from '@/core/matter/base-kinds';
import type { PlaceId } from '@/core/kitchen/places';
import type { Method } from '@/core/lots/records/method';
import type { ReadLine } from '@/core/recipes/ingredient-line';
import { brewName } from '@/words/brews/brew-name';

/** A brew on the worktop. */
export interface WorktopState {
  readonly name: string;
  readonly about: string;
  readonly composition: Composition;
  readonly method: Method;
  /** Null while it follows what goes in. */
  readonly base: BaseKind | null;
  /** A lot's id, with `:grains` for the solids of its jar; `portion` for what is among the rows; `bare` for what lives on the base. */
  readonly life: string;
  readonly volumes: number;
  readonly from: { readonly id: string; readonly version: number } | null;
  /** Percent of sweetener that was meant, as typed. */
  readonly meant: string;
  readonly jarMl: number | null;
  /** Where it would ferment, and how warm that is supposed to be; null as it is there. */
  readonly place: PlaceId;
  readonly celsius: number | null;
  readonly potMl: number | null;
  readonly doseTyped: boolean;
  /** What the recipe is brewed with, where there is one. */
  readonly wants: string | null;
  readonly followed: Turned['followed'];
  /** Lines of a pasted or imported recipe that must be asked about. */
  readonly asked: readonly ReadLine[];
}

/** What it is called: as it was typed, or by what flavours it. */
export const nameOf = ({ name, composition }: Pick<WorktopState, 'name' | 'composition'>): string =>
  name.trim() || brewName(composition.rows.map(({ portion }) => portion.what));

import { byAccident, causes, type Cause, type CauseId, type Evidence } from './causes';
import type { Patient } from './jar-facts';
import { discardSigns, signsOf, type TroubleSign } from './trouble-signs';

/** One cause, how much of what is seen it explains, and what in the ledger speaks for and against it. */
export interface Suspect {
  readonly cause: CauseId;
  /** 0–1; those of all suspects add up to 1. */
  readonly share: number;
  readonly evidence: readonly Evidence[];
}

export interface Diagnosis {
  /** Mould or worse: it is thrown out, and nothing else counts. */
  readonly discard: boolean;
  /** Likeliest first. */
  readonly suspects: readonly Suspect[];
  /** The sign not looked for yet that would part the likeliest causes best; null when none would. */
  readonly lookFor: TroubleSign | null;
}

/** What was looked for and found, or found absent. */
export type Seen = Readonly<Partial<Record<TroubleSign, boolean>>>;

/** How much of its absence counts when a sign was not picked, though nobody said it was looked for. */
const halfLooked = 0.5;
/** Bits a sign must be expected to tell before it is worth asking for. */
const worthAsking = 0.05;

const chance = (cause: Cause, sign: TroubleSign): number => {
  const own = cause.shows[sign];
  return own ?? byAccident[sign];
};

function likelihood(cause: Cause, sign: TroubleSign, seen: boolean | undefined): number {
  const shown = chance(cause, sign);
  if (seen === true) return shown;
  return seen === false ? 1 - shown : (1 - shown) ** halfLooked;
}

/**
 * What is behind the signs on a jar: every cause that can befall the kind, weighed by how often it does, by what the jar's
 * ledger says, and by the signs that are there and are not.
 *
 * @param seen signs found (true) and looked for in vain (false)
 * @returns suspects by falling share; with mould or a foul smell, discarding, whatever else is likely
 * @source Bayes' rule with signs taken as independent; frequencies and chances are practice
 */
export function diagnose(patient: Patient, seen: Seen): Diagnosis {
  const { culture, facts } = patient;
  const signs = signsOf(culture.keeping, culture.unit);
  const possible = causes.filter(({ befalls }) => befalls(culture));
  const weights = possible.map((cause) => {
    const evidence = cause.evidence(facts, culture.keeping);
    const told = evidence.reduce((product, { times }) => product * times, cause.usual);
    return {
      cause,
      evidence,
      weight: signs.reduce((w, sign) => w * likelihood(cause, sign, seen[sign]), told),
    };
  });
  const total = weights.reduce((sum, { weight }) => sum + weight, 0);
  const suspects = weights
    .map(({ cause, evidence, weight }) => ({ cause, evidence, share: weight / total }))
    .sort((a, b) => b.share - a.share);
  const discard = discardSigns.some((sign) => seen[sign] === true);
  return {
    discard,
    suspects: suspects.map(({ cause, ...rest }) => ({ cause: cause.id, ...rest })),
    lookFor: discard
      ? null
      : telling(
          suspects,
          signs.filter((sign) => seen[sign] === undefined),
        ),
  };
}

type Weighed = readonly { readonly cause: Cause; readonly share: number }[];

/** The sign whose presence or absence is expected to take most doubt away, by mutual information. */
function telling(suspects: Weighed, signs: readonly TroubleSign[]): TroubleSign | null {
  let best: TroubleSign | null = null;
  let most = worthAsking;
  for (const sign of signs) {
    const told = informationOf(suspects, sign);
    if (told > most) {
      most = told;
      best = sign;
    }
  }
  return best;
}

const bits = (share: number): number => (share > 0 && share < 1 ? -share * Math.log2(share) : 0);
const entropy = (share: number): number => bits(share) + bits(1 - share);

/** Mutual information of a sign and the cause, bits. */
function informationOf(suspects: Weighed, sign: TroubleSign): number {
  const shown = suspects.reduce((sum, { cause, share }) => sum + share * chance(cause, sign), 0);
  const within = suspects.reduce((sum, { cause, share }) => sum + share * entropy(chance(cause, sign)), 0);
  return entropy(shown) - within;
}

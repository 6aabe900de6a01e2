/** A refusal a maker can cause: a stable code for programs and a sentence for people. */
export interface Refusal {
  readonly ok: false;
  readonly code: string;
  readonly sentence: string;
}

export interface Success<T> {
  readonly ok: true;
  readonly value: T;
}

export type Result<T> = Success<T> | Refusal;

export const success = <T>(value: T): Success<T> => ({ ok: true, value });

export const refusal = (code: string, sentence: string): Refusal => ({ ok: false, code, sentence });

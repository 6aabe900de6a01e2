import type { Refusal } from './refusals';

export { refusal, type Refusal } from './refusals';

export interface Success<T> {
  readonly ok: true;
  readonly value: T;
}

/** A value, or why there is none. */
export type Result<T> = Success<T> | Refusal;

export const success = <T>(value: T): Success<T> => ({ ok: true, value });

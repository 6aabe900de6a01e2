import { plainStepper, type Stepper } from '../stepper';
import { compiledStepper, type CompiledSteps } from './compiled-stepper';
import { stepsWasm } from './steps-wasm';

/** What is asked of the engine: every browser and Node have it, but some are told not to compile. */
interface Engine {
  readonly WebAssembly?: {
    readonly Module: new (bytes: Uint8Array) => object;
    readonly Instance: new (module: object, imports: object) => { readonly exports: unknown };
  };
}

/**
 * Compiled steps, from the binary that comes with the code.
 *
 * @returns null where the engine compiles nothing: an old one, a locked-down one, a page whose policy forbids it
 */
// eslint-disable-next-line no-restricted-syntax -- core is checked without the browser's types, where WebAssembly is named
export function compileSteps(engine = globalThis as unknown as Engine): Stepper | null {
  if (!engine.WebAssembly) return null;
  try {
    const bytes = bytesOf(stepsWasm);
    const imports = { env: { abort: stopped } };
    const { exports } = new engine.WebAssembly.Instance(new engine.WebAssembly.Module(bytes), imports);
    return compiledStepper(exports as CompiledSteps);
  } catch {
    return null;
  }
}

/** Bytes of a hexadecimal text. */
function bytesOf(hex: string): Uint8Array {
  const digit = (at: number) => {
    const code = hex.charCodeAt(at);
    return code < 58 ? code - 48 : code - 87;
  };
  return Uint8Array.from({ length: hex.length / 2 }, (_, i) => 16 * digit(2 * i) + digit(2 * i + 1));
}

/** A compiled step stops where memory runs out, which fixed sizes leave no room for. */
function stopped(): never {
  throw new Error('A compiled step stopped.');
}

/** The quickest steps there are: compiled, or as they are written where nothing compiles. For programs to make once. */
export const quickStepper = (): Stepper => compileSteps() ?? plainStepper();

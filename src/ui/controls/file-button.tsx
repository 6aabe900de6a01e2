import { useRef } from 'react';
import { InkButton } from './ink-button';

interface Props {
  readonly label: string;
  /** What is chosen, for screen readers. */
  readonly what: string;
  /** Kinds of file, as a browser's input takes them. */
  readonly accept: string;
  readonly onFile: (file: File) => void;
}

/** A button that asks for a file. */
export function FileButton({ label, what, accept, onFile }: Props) {
  const chooser = useRef<HTMLInputElement>(null);
  return (
    <>
      <InkButton quiet label={label} onPress={() => chooser.current?.click()} />
      <input
        ref={chooser}
        type="file"
        accept={accept}
        aria-label={what}
        style={{ display: 'none' }}
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}

'use client';

import { useRef, type ComponentProps, type ReactNode } from 'react';
import { Button } from './button';

/** What a table of any program is saved as. */
export const tableFiles = '.csv,.tsv,.txt,text/csv,text/plain';

interface FileChoiceProps {
  readonly label: string;
  readonly accept: string;
  readonly variant?: ComponentProps<typeof Button>['variant'];
  readonly onChoose: (file: File) => void;
  readonly children: ReactNode;
}

/** A button that asks for one file. The same file can be chosen again, as it may have been mended. */
export function FileChoice({ label, accept, variant, onChoose, children }: FileChoiceProps) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        accept={accept}
        hidden
        aria-label={label}
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) onChoose(chosen);
        }}
      />
      <Button variant={variant} onClick={() => input.current?.click()}>
        {children}
      </Button>
    </>
  );
}

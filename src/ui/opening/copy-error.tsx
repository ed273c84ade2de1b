'use client';

import { useState } from 'react';
import { Button } from '../fields/button';
import { build } from '../shell/build';

/** Copies what went wrong, so that a person can send it along. Nothing of the bench is in it. */
export function CopyError({ error }: { readonly error: unknown }) {
  const [isCopied, setIsCopied] = useState(false);
  return (
    <Button
      size="sm"
      variant="bare"
      onClick={() =>
        void navigator.clipboard.writeText(errorText(error)).then(
          () => setIsCopied(true),
          () => undefined,
        )
      }
    >
      {isCopied ? 'Copied' : 'Copy the error'}
    </Button>
  );
}

/** An error as text: what it says, where it came from, and of which build and page. */
function errorText(error: unknown): string {
  const { name, message, stack } =
    error instanceof Error ? error : new Error(String(error), { cause: error });
  return [
    `${name}: ${message}`,
    `build ${build}, ${location.pathname}, ${navigator.userAgent}`,
    stack ?? '',
  ].join('\n');
}

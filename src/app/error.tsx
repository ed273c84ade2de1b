'use client';

import { Mishap } from '@/ui/opening/mishap';

export default function PageError({ reset }: { readonly reset: () => void }) {
  return <Mishap onRetry={reset} />;
}

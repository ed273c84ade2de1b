'use client';

import dynamic from 'next/dynamic';

const Mishap = dynamic(() => import('@/ui/opening/mishap').then((module) => module.Mishap));

export default function PageError({ reset }: { readonly reset: () => void }) {
  return <Mishap onRetry={reset} />;
}

'use client';

import { later } from '@/ui/late/later';

const Mishap = later(() => import('@/ui/opening/mishap').then((module) => module.Mishap));

interface PageErrorProps {
  readonly error: unknown;
  readonly reset: () => void;
}

export default function PageError({ error, reset }: PageErrorProps) {
  return <Mishap error={error} onRetry={reset} />;
}

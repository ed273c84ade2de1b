import { Suspense } from 'react';
import { InsideScreen } from '@/screens/stow/inside/inside-screen';

export const metadata = { title: 'Look inside · Vivid Acorn' };

export default function Page() {
  return (
    <Suspense>
      <InsideScreen />
    </Suspense>
  );
}

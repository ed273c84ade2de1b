import { KeepScreen } from '@/screens/keep/keep-screen';

export const metadata = { title: 'Keep · Vivid Acorn' };

export default function Page() {
  return <KeepScreen />;
}

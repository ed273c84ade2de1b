import { RoundScreen } from '@/screens/keep/round-screen';

export const metadata = { title: 'A round · Vivid Acorn' };

export default function Page() {
  return <RoundScreen />;
}

import { FindingsScreen } from '@/screens/prove/findings-screen';

export const metadata = { title: 'Findings · Vivid Acorn' };

export default function Page() {
  return <FindingsScreen />;
}

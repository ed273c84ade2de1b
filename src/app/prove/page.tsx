import { ProveScreen } from '@/screens/prove/prove-screen';

export const metadata = { title: 'Prove · Vivid Acorn' };

export default function Page() {
  return <ProveScreen />;
}

import { KitsScreen } from '@/screens/kits/kits-screen';

export const metadata = { title: 'Kits · Vivid Acorn' };

export default function Page() {
  return <KitsScreen />;
}

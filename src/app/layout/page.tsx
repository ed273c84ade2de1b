import { LayoutScreen } from '@/screens/layout/layout-screen';

export const metadata = { title: 'Lay out · Vivid Acorn' };

export default function Page() {
  return <LayoutScreen />;
}

import { CompareScreen } from '@/screens/compare/compare-screen';

export const metadata = { title: 'Versions and differences · Vivid Acorn' };

export default function Page() {
  return <CompareScreen />;
}

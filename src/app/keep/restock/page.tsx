import { RestockScreen } from '@/screens/keep/restock-screen';

export const metadata = { title: 'Restock · Vivid Acorn' };

export default function Page() {
  return <RestockScreen />;
}

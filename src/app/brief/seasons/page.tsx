import { SeasonsScreen } from '@/screens/seasons/seasons-screen';

export const metadata = { title: 'Another season · Vivid Acorn' };

export default function Page() {
  return <SeasonsScreen />;
}

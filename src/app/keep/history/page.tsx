import { HistoryScreen } from '@/screens/keep/history-screen';

export const metadata = { title: 'Past rounds · Vivid Acorn' };

export default function Page() {
  return <HistoryScreen />;
}

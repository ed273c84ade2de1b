import { WeighScreen } from '@/screens/weigh/weigh-screen';

export const metadata = { title: 'Weigh in · Vivid Acorn' };

export default function Page() {
  return <WeighScreen />;
}

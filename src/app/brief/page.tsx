import { BriefScreen } from '@/screens/brief/brief-screen';

export const metadata = { title: 'Brief · Vivid Acorn' };

export default function Page() {
  return <BriefScreen />;
}

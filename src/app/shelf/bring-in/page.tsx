import { BringInScreen } from '@/screens/bring-in/bring-in-screen';

export const metadata = { title: 'Bring in lines · Vivid Acorn' };

export default function Page() {
  return <BringInScreen />;
}

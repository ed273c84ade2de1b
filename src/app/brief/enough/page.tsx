import { EnoughScreen } from '@/screens/enough/enough-screen';

export const metadata = { title: 'Is it enough? · Vivid Acorn' };

export default function Page() {
  return <EnoughScreen />;
}

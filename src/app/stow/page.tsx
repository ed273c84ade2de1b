import { StowScreen } from '@/screens/stow/stow-screen';

export const metadata = { title: 'Stow · Vivid Acorn' };

export default function Page() {
  return <StowScreen />;
}

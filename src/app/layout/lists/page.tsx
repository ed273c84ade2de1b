import { ListsScreen } from '@/screens/lists/lists-screen';

export const metadata = { title: 'Against lists · Vivid Acorn' };

export default function Page() {
  return <ListsScreen />;
}

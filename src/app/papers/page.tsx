import { PapersScreen } from '@/screens/papers/papers-screen';

export const metadata = { title: 'Papers · Vivid Acorn' };

export default function Page() {
  return <PapersScreen />;
}

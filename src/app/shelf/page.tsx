import { ShelfScreen } from '@/screens/shelf/shelf-screen';

export const metadata = { title: 'Shelf · Vivid Acorn' };

export default function Page() {
  return <ShelfScreen />;
}

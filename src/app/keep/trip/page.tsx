import { TripScreen } from '@/screens/keep/trip-screen';

export const metadata = { title: 'A round · Vivid Acorn' };

export default function Page() {
  return <TripScreen />;
}

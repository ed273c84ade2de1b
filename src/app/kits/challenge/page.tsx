import { ChallengeScreen } from '@/screens/challenge/challenge-screen';

export const metadata = { title: 'Challenge · Vivid Acorn' };

export default function Page() {
  return <ChallengeScreen />;
}

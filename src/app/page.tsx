import { redirect } from 'next/navigation';

/** The mat is the first thing seen. */
export default function Home() {
  redirect('/layout');
}

import { ThriftScreen } from '@/screens/thrift/thrift-screen';

export const metadata = { title: 'Thin it out · Vivid Acorn' };

export default function Page() {
  return <ThriftScreen />;
}

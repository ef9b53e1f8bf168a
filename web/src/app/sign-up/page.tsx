import type { Metadata } from 'next';
import { SignUp } from '@/features/account/sign-in';

export const metadata: Metadata = { title: 'Make an account' };
export default function Page() {
  return <SignUp />;
}

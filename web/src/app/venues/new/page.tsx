import { NewVenue } from '@/features/account/sign-in';

export const dynamic = 'force-dynamic';
export default function Page() {
  return <NewVenue />;
}

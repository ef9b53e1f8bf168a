import { NewVenue } from '@/features/account/door';

export const dynamic = 'force-dynamic';
export default function Page() {
  return <NewVenue />;
}

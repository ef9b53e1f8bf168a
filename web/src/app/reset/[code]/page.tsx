import { Reset } from '@/features/account/door';

export default async function Page({ params }: { params: Promise<{ code: string }> }) {
  return <Reset code={(await params).code} />;
}

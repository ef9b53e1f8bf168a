import { Reset } from '@/features/account/sign-in';

export default async function Page({ params }: { params: Promise<{ code: string }> }) {
  return <Reset code={(await params).code} />;
}

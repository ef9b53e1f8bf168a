import { redirect } from 'next/navigation';
import { v7 } from 'uuid';
import { mustBeAbleTo } from '@/server/page';

export default async function Page() {
  await mustBeAbleTo('dish.edit');
  redirect(`/pairing/menus/${v7()}?new`);
}

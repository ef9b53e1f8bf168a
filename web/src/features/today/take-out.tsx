'use client';
import { useRouter } from 'next/navigation';
import { counted, listed } from '@rose/core/wine/plural';
import type { AnswerOf } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { DeleteAct } from '@/ui/delete-act';
import { say } from '@/ui/say';

/** Takes the invented wines out: what hangs on them is said first, and they can be brought back. */
export function TakeOut({ present, bringBack }: { present: number; bringBack: () => Promise<unknown> }) {
  const router = useRouter();
  return (
    <>
      <span>
        {counted(present, 'invented wine')} to play with {present === 1 ? 'is' : 'are'} in your cellar.
      </span>
      <DeleteAct
        words={{ asks: 'Take them out', does: 'Take them all out', keeps: 'Keep them' }}
        hangsOn={async () => hangingInWords(await call(contract.sample.hangsOn, {}))}
        remove={() => call(contract.sample.takeOut, {})}
        onDeleted={() => {
          say({ says: 'The invented wines are out of the cellar.', act: { says: 'Bring them back', does: () => void bringBack() } });
          router.refresh();
        }}
      />
    </>
  );
}
function hangingInWords({ notes, flights }: AnswerOf<'sample', 'hangsOn'>): string {
  const hang = [notes === 0 ? '' : counted(notes, 'note'), flights.length === 0 ? '' : `the ${flights.length === 1 ? 'flight' : 'flights'} ${listed(flights)}`];
  const said = hang.filter((part) => part !== '');
  return said.length === 0 ? 'Nothing hangs on them.' : `On them: ${listed(said)}. Notes stay; the flights lose these wines.`;
}

'use client';
import { useEffect, useState } from 'react';
import { callCost, guessCost } from '@rose/core/chance/cost-of-a-wrong-answer';
import { gaveAway, pairQuestions, type PairCall } from '@rose/core/wine/note';
import { keysOf } from '@rose/core/wine/keys';
import { dearerOf, pairTruth, worthInWords, type PairQuestion } from '@rose/knowledge/pair-answers/index';
import type { NoteView } from '@/contract/answers';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CallSlider } from '@/ui/call-slider';

/** What is known of a question: the answer, null when nothing says it, a sentence while it cannot be told yet. */
type Truth = -1 | 1 | null | string;

interface Dearer {
  readonly truth: Truth;
  /** What the dearer one is marked for its price. */
  readonly worth?: string | undefined;
}
/** Which bottle is the dearer, asked of the server once both are uncovered: it tells no price before the taster's own mark. */
function useDearer(left: NoteView, right: NoteView, asked: boolean): Dearer {
  const [told, setTold] = useState<Dearer>({ truth: 'One moment.' });
  useEffect(() => {
    if (!asked) return;
    let there = true;
    const price = async ({ id }: NoteView) => (await call(contract.note.price, { id })).price;
    Promise.all([price(left), price(right)]).then(
      ([a, b]) => there && setTold({ truth: dearerOf(a, b), worth: worthInWords(left.document.observed.quality, right.document.observed.quality, a, b) }),
      (error: Error) => there && setTold({ truth: error.message }),
    );
    return () => {
      there = false;
    };
  }, [left, right, asked]);
  return told;
}

type Told = Partial<Record<PairQuestion, string>>;
/** What the two notes say themselves, in a sentence a question, reckoned once the call is locked. */
function useNotesSay(left: NoteView, right: NoteView, asked: boolean): Told {
  const [told, setTold] = useState<Told>({});
  useEffect(() => {
    if (!asked) return;
    let there = true;
    void import('@rose/knowledge/pair-answers/from-notes').then(
      ({ pairFromNotes, toldInWords }) =>
        there &&
        setTold(
          Object.fromEntries(keysOf(pairQuestions).map((key) => [key, toldInWords(pairFromNotes(key, left.document, right.document), pairQuestions[key])])),
        ),
    );
    return () => {
      there = false;
    };
  }, [left, right, asked]);
  return told;
}

/** One call for the pair, each question with a certainty; marked once it is locked and both glasses are uncovered. */
export function OneCall({
  left,
  right,
  call,
  setCall,
  flush,
}: {
  left: NoteView;
  right: NoteView;
  call: PairCall;
  setCall: (next: Partial<PairCall>) => void;
  flush: () => Promise<void>;
}) {
  const told = call.locked === true && left.wine !== null && right.wine !== null;
  const dearer = useDearer(left, right, told);
  const notesSay = useNotesSay(left, right, call.locked === true);
  const truthOf = (key: PairQuestion): Truth => (key === 'dearer' ? dearer.truth : pairTruth(key, left.wine!.facts, right.wine!.facts));
  return (
    <>
      <h3 style={{ margin: '18px 0 4px' }}>One call for the pair</h3>
      {(Object.keys(pairQuestions) as PairQuestion[]).map((key) => {
        const { asks, low, high } = pairQuestions[key];
        const value = call[key] ?? 0;
        const says = value === 0 ? 'cannot tell' : `${value < 0 ? low : high}, ${50 + Math.round(Math.abs(value) / 2)} % sure`;
        return (
          <div key={key}>
            <CallSlider
              asks={asks}
              says={says}
              low={low}
              high={high}
              value={value}
              disabled={call.locked === true || !left.mayEdit}
              onChange={(next) => setCall({ [key]: next })}
            />
            {told && <span className="soft">{marked(truthOf(key), value, low, high)}</span>}
            {notesSay[key] !== undefined && <p className="soft">{notesSay[key]}</p>}
          </div>
        );
      })}
      <p className="soft">
        Further from the middle is surer. A call costs from 0, sure and right, to 1, sure and wrong; “cannot tell” costs {guessCost}. Saying the certainty you
        have costs least in the long run.
      </p>
      {(gaveAway(left.document) || gaveAway(right.document)) && (
        <p className="soft">You noted that something gave a glass away: what is called then says little of your palate.</p>
      )}
      {told && dearer.worth !== undefined && <p>{dearer.worth}</p>}
      {call.locked === true ? (
        <p className="soft">The pair is locked{told ? '.' : '; it is marked when both glasses are uncovered.'}</p>
      ) : (
        <Button
          disabled={!left.mayEdit}
          onPress={() => {
            setCall({ locked: true });
            void flush();
          }}
        >
          Lock the pair
        </Button>
      )}
    </>
  );
}

function marked(truth: Truth, value: number, low: string, high: string): string {
  if (truth === null) return 'Nothing on record says.';
  if (typeof truth === 'string') return truth;
  const word = truth < 0 ? low : high;
  const was = word === 'left' || word === 'right' ? `the ${word}-hand one` : word;
  const cost = `It costs ${Math.round(callCost(value, truth) * 100) / 100}.`;
  if (value === 0) return `${was === word ? `The answer was ${was}` : `It was ${was}`}. ${cost}`;
  return `${Math.sign(value) === truth ? 'Right.' : `Wrong: ${was === word ? `the answer was ${was}` : `it was ${was}`}.`} ${cost}`;
}

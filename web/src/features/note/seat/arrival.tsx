'use client';
import { useState } from 'react';
import { arrivals, drinkings, habits, type GuestCard } from '@rose/core/tasting/guest';
import { keysOf } from '@rose/core/wine/keys';
import { listed } from '@rose/core/wine/plural';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { CheckBoxes } from '@/ui/check-boxes';
import { Choice } from '@/ui/choice';
import { Disclosure } from '@/ui/disclosure';
import { TextField } from '@/ui/field';
import { keepOnDevice, keptOnDevice } from '@/ui/kept-on-device';
import type { Seated } from './seat';

const kept = 'guest-card';
function cardOfDevice(): GuestCard {
  const card = keptOnDevice(kept);
  return card === undefined ? {} : (JSON.parse(card) as GuestCard);
}
/** Before the first glass: two taps on what bends a reading, and a card that stays on the phone unless it is shared. */
export function Arrival({ seated, allergens }: { seated: Seated; allergens: readonly string[] }) {
  const [arrival, setArrival] = useState(seated.arrival ?? {});
  const [card, setCard] = useState<GuestCard>(() => seated.card ?? (typeof window === 'undefined' ? {} : cardOfDevice()));
  const [shared, setShared] = useState(seated.card !== null);
  const [trouble, setTrouble] = useState('');
  const keep = (next: GuestCard) => {
    const said = Object.fromEntries(Object.entries(next).filter(([, value]) => value !== undefined && value !== '')) as GuestCard;
    setCard(said);
    keepOnDevice(kept, JSON.stringify(said));
    if (shared) void share(said);
  };
  const share = (next: GuestCard | null) =>
    call(contract.guest.share, { card: next }).then(
      () => setTrouble(''),
      () => setTrouble('It was not sent: there is no connection just now.'),
    );
  return (
    <>
      {allergens.length > 0 && <p className="soft">These wines hold {listed(allergens)}, as far as is known. Ask before you drink if that concerns you.</p>}
      <div style={{ margin: '14px 0' }}>
        <CheckBoxes
          label="You, tonight"
          options={arrivals}
          value={keysOf(arrivals).filter((key) => arrival[key] === true)}
          onChange={(ticked) => {
            const next = Object.fromEntries(ticked.map((key) => [key, true]));
            setArrival(next);
            void call(contract.guest.arrive, { arrival: next }).catch(() => setTrouble('It was not sent: there is no connection just now.'));
          }}
        />
      </div>
      <Disclosure
        says={
          <>
            <strong>A card of yours</strong> allergies, dislikes, whether you swallow; it stays on this phone unless you share it
          </>
        }
      >
        <div style={{ display: 'grid', gap: 12, margin: '10px 0' }}>
          <TextField label="Allergies and diet" value={card.allergies ?? ''} onChange={(allergies) => keep({ ...card, allergies: allergies.slice(0, 300) })} />
          <TextField label="What I do not like" value={card.dislikes ?? ''} onChange={(dislikes) => keep({ ...card, dislikes: dislikes.slice(0, 300) })} />
          <Choice name="drinks" label="In the mouth" options={drinkings} value={card.drinks} onChange={(drinks) => keep({ ...card, drinks })} />
          <Choice name="used" label="Tasting like this" options={habits} value={card.used} onChange={(used) => keep({ ...card, used })} />
          <Button
            pressed={shared}
            onPress={() => {
              setShared(!shared);
              void share(shared ? null : card);
            }}
          >
            {shared ? 'Shared with the host; take it back' : 'Share it with the host'}
          </Button>
        </div>
      </Disclosure>
      {trouble !== '' && <p role="alert">{trouble}</p>}
    </>
  );
}

'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { listed } from '@rose/core/wine/plural';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { SheetOverPage } from '@/ui/sheet';

const Text = styled.div`
  display: grid;
  gap: 10px;
  h2 {
    color: var(--madder);
  }
  ul {
    margin: 0;
    padding-left: 1.2em;
  }
`;
/** What to do when a guest does not feel well: what is only tannin, what is not, and whom to call. */
export function SomethingIsWrong({ close, allergens }: { close: () => void; allergens: readonly string[] }) {
  const [said, setSaid] = useState('');
  return (
    <SheetOverPage label="Something is wrong" place="middle" close={close}>
      <Text>
        <h2>Stop drinking. Tell the host now.</h2>
        <p>
          <strong>Call your local emergency number</strong> (112 in Europe) at once for: swelling of lips, tongue or throat, trouble breathing, a rash that
          spreads, fainting, chest pain, or somebody who cannot be woken.
        </p>
        <p>
          A dry, puckered mouth with rough cheeks is tannin and passes in a minute. Itching, swelling or tightness is not: treat it as an allergy.
          {allergens.length > 0 ? ` These wines hold ${listed(allergens)}, as far as is known.` : ''}
        </p>
        <ul>
          <li>Feeling drunk, hot or sick: water, air, somebody beside you. Do not drive.</li>
          <li>Choking: lean forward, cough; somebody strikes between the shoulders.</li>
          <li>Cut by glass: press on it, lift it.</li>
        </ul>
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10 }}>
          <Button
            tone="strong"
            onPress={() =>
              void call(contract.guest.wait, {}).then(
                () => setSaid('The host sees that you asked for them. Wave too.'),
                () => setSaid('There is no connection: wave, or send your neighbour.'),
              )
            }
          >
            Call the host to me
          </Button>
          <Button onPress={close}>It is nothing</Button>
        </div>
        {said !== '' && <p role="status">{said}</p>}
      </Text>
    </SheetOverPage>
  );
}

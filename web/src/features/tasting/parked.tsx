'use client';
import { useState } from 'react';
import { Button } from '@/ui/button';
import { TextField } from '@/ui/field';
import type { Led } from '../shared-flight/use-led';

/** Questions from the table that wait until there is time; nobody but hosts sees them. */
export function Parked({ led }: { led: Led }) {
  const [text, setText] = useState('');
  const { parked } = led.state;
  const park = async () => {
    if (text.trim() !== '' && (await led.act('park', { text }))) setText('');
  };
  return (
    <div>
      <h2>Parked questions</h2>
      {parked.map((question) => (
        <p key={question.id} style={{ display: 'flex', justifyContent: 'space-between', gap: 10, padding: '6px 0' }}>
          <span>{question.text}</span>
          <Button
            size="small"
            tone="quiet"
            label={`Answered: ${question.text}`}
            disabled={!led.leads}
            onPress={() => void led.act('park', { away: question.id })}
          >
            Answered
          </Button>
        </p>
      ))}
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void park();
        }}
        style={{ display: 'flex', gap: 8, alignItems: 'end', marginTop: 8 }}
      >
        <TextField label="A question for later" value={text} onChange={setText} />
        <Button type="submit" disabled={!led.leads || text.trim() === ''}>
          Park it
        </Button>
      </form>
    </div>
  );
}

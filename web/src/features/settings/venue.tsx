'use client';
import { useEffect, useState } from 'react';
import { contract } from '@/contract/client';
import { keepOnDevice, keptOnDevice } from '@/ui/kept-on-device';
import { useAct } from '@/ui/act';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { dropAllDrafts } from '@/ui/document/unsaved-writing';
import { TextField, Trouble } from '@/ui/field';
import { CountryField, CurrencyField, TimeZoneField } from '@/ui/finder-field';
import { useMay } from '@/ui/here';
import { SelectField } from '@/ui/select-field';
import { SettingsPage } from './settings-page';
import { useVenue, type Who } from './use-venue';
import { VenueState } from './venue-state';

/** The venue: what it is called, where it is, what it measures in; and this screen. */
export function VenueSettingsPage({ who }: { who: Who }) {
  const mayEdit = useMay('venue.edit');
  const edited = useVenue(who, mayEdit);
  const { venue, change, of } = edited;
  return (
    <SettingsPage says={`${who.name}, ${who.role} of ${venue.name}`} state={<VenueState edited={edited} mayEdit={mayEdit} />}>
      <section>
        <h2>The venue</h2>
        <fieldset disabled={!mayEdit}>
          <div className="fields">
            <TextField label="Name" value={venue.name} onChange={(name) => change({ name })} readOnly={!mayEdit} error={of('name')} />
            <CountryField label="Country" value={venue.country} onChange={(country) => country !== '' && change({ country })} error={of('country')} />
            <CurrencyField
              label="Currency"
              {...(who.venue!.settings.currency === venue.currency ? {} : { hint: 'look at the prices under An evening again: they keep their numbers' })}
              value={venue.currency}
              onChange={(currency) => currency !== '' && change({ currency })}
              error={of('currency')}
            />
            <TimeZoneField label="Time zone" value={venue.timeZone} onChange={(timeZone) => timeZone !== '' && change({ timeZone })} error={of('timeZone')} />
            <SelectField label="Temperatures in" value={venue.temperature} onChange={(temperature) => change({ temperature })} options={{ C: '°C', F: '°F' }} />
            <SelectField label="Pours in" value={venue.volume} onChange={(volume) => change({ volume })} options={{ mL: 'mL', oz: 'US fluid ounces' }} />
          </div>
        </fieldset>
      </section>
      <ThisScreen who={who} />
    </SettingsPage>
  );
}

/** The light of this screen, which venue it shows, and the way out. */
function ThisScreen({ who }: { who: Who }) {
  const act = useAct();
  const [room, setRoom] = useState<'' | 'light' | 'dim'>('');
  useEffect(() => {
    const kept = keptOnDevice('room');
    if (kept === 'light' || kept === 'dim') setRoom(kept);
  }, []);
  const pickRoom = (value: '' | 'light' | 'dim') => {
    setRoom(value);
    keepOnDevice('room', value === '' ? undefined : value);
    if (value === '') {
      delete document.documentElement.dataset['room'];
    } else {
      document.documentElement.dataset['room'] = value;
    }
  };
  return (
    <section>
      <h2>This screen</h2>
      <div className="fields">
        <SelectField label="Light" value={room} onChange={pickRoom} empty="as the device says" options={{ light: 'light', dim: 'for a dim room' }} />
        {who.venues.length > 1 && (
          <SelectField
            label="Venue"
            value={who.venue!.id}
            options={Object.fromEntries(who.venues.map((entry) => [entry.id, entry.name]))}
            onChange={(id) =>
              void act.run(async () => {
                await call(contract.venue.enter, { id });
                window.location.reload();
              })
            }
          />
        )}
      </div>
      <div>
        <Button
          onPress={() =>
            void act.run(async () => {
              await call(contract.account.signOut, {});
              await dropAllDrafts().catch(() => undefined);
              window.location.assign('/come-in');
            })
          }
        >
          Sign out everywhere
        </Button>
      </div>
      {act.problem !== null && <Trouble role="alert">{act.problem.message}</Trouble>}
    </section>
  );
}

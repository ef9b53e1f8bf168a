'use client';
import Link from 'next/link';
import { schools } from '@rose/core/order/ordering-rules';
import type { OwnRoutine } from '@rose/core/routine/routine';
import { routines } from '@rose/knowledge/routines/index';
import { useMay } from '@/ui/here';
import { SelectField } from '@/ui/select-field';
import type { Version } from './own-design';
import { SettingsPage } from './settings-page';
import { useVenue, type Who } from './use-venue';
import { VenueState } from './venue-state';

/** What a new flight and a new glass begin with, and where one's own ways are designed. */
export function TastingSettingsPage({ who, own }: { who: Who; own: readonly Version<OwnRoutine>[] }) {
  const mayEdit = useMay('venue.edit');
  const edited = useVenue(who, mayEdit);
  const { venue, change } = edited;
  return (
    <SettingsPage says="What a new flight and a new glass begin with" state={<VenueState edited={edited} mayEdit={mayEdit} />}>
      <section>
        <h2>To begin with</h2>
        <fieldset disabled={!mayEdit}>
          <div className="fields">
            <SelectField
              label="School of a new flight"
              hint="what its order is judged by"
              value={venue.school}
              onChange={(school) => change({ school })}
              options={Object.fromEntries(schools.map((school) => [school.id, school.label])) as Record<typeof venue.school, string>}
            />
            <SelectField
              label="Routine of a new glass"
              hint="what is asked, in which order"
              value={venue.routine}
              onChange={(routine) => change({ routine })}
              options={Object.fromEntries([...routines.map((entry) => [entry.id, entry.name]), ...own.map((entry) => [entry.id, entry.document.name])])}
            />
          </div>
        </fieldset>
      </section>
      <section>
        <h2>Of your own</h2>
        <p>
          <Link href="/settings/routines">Routines</Link> <span className="soft">· the steps of a glass, with their sniffs, sips and minutes</span>
        </p>
        <p>
          <Link href="/settings/marks">Ways of giving marks</Link> <span className="soft">· what is marked, out of how much, and how it is rounded</span>
        </p>
      </section>
    </SettingsPage>
  );
}

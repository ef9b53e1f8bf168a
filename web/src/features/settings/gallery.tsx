'use client';
import { useState } from 'react';
import { glassColour } from '@rose/core/appearance/colour';
import { bearings, hueLadders, isHue, observables, type Reading } from '@rose/core/wine/observables';
import { Button, Key } from '@/ui/button';
import { CallSlider } from '@/ui/call-slider';
import { CheckBox } from '@/ui/check-box';
import { CheckBoxes } from '@/ui/check-boxes';
import { Choice } from '@/ui/choice';
import { CourseLine } from '@/ui/course-line';
import { DayField, MomentField } from '@/ui/date-field';
import { Disclosure } from '@/ui/disclosure';
import { TextField } from '@/ui/field';
import { CountryField, CurrencyField, TimeZoneField } from '@/ui/finder-field';
import { NumberField } from '@/ui/number-field';
import { SelectField } from '@/ui/select-field';
import { Frame, Page } from '@/ui/frame';
import { Glass } from '@/ui/glass';
import { Reasons } from '@/ui/reasons';
import { Rose } from '@/ui/rose';
import { Scale } from '@/ui/scale';
import { Watch } from '@/ui/stopwatch';
import { useAct } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { ApiProblem } from '@/ui/api';
import { DataTable } from '@/ui/data-table';
import { Explained } from '@/ui/explained';
import { Tip } from '@/ui/tip';
import { DropZone } from '@/ui/drop-zone';
import { MenuButton } from '@/ui/menu';
import { Progress } from '@/ui/progress';
import { say } from '@/ui/say';
import { SearchField } from '@/ui/search-field';
import { SheetOverPage } from '@/ui/sheet';
import { SuggestField } from '@/ui/suggest-field';
import { Switch } from '@/ui/switch';
import { PageTabs } from '@/ui/tabs';
import { WayBack } from '@/ui/way-back';

const values = [82, 8, 0, 58, 55, 46, 64, 70];
/** Every piece of the design system in its states. */
export function Gallery() {
  const [reading, setReading] = useState<Reading | undefined>(62);
  const [unset, setUnset] = useState<Reading | undefined>(undefined);
  const [chosen, setChosen] = useState<keyof typeof observables.clarity.options | undefined>('clear');
  const [country, setCountry] = useState('GR');
  const [day, setDay] = useState('2026-11-26');
  const [ticked, setTicked] = useState(true);
  const [several, setSeveral] = useState<readonly ('a' | 'b' | 'c')[]>(['b']);
  const [call, setCall] = useState(-40);
  const [sheet, setSheet] = useState(false);
  const act = useAct();
  const [free, setFree] = useState('Me');
  const [tab, setTab] = useState<'one' | 'two'>('one');
  const petals = bearings.map((key, i) => ({ key, label: key, value: i === 2 ? null : values[i]!, outline: values[i]! - 10 }));
  const stage = (name: 'ready' | 'pleasant' | 'after') => ({ stage: name, seconds: name === 'ready' ? 0 : 23, press: () => undefined, drop: () => undefined });
  return (
    <Frame>
      <Page>
        <h1>Gallery</h1>
        <h2>Rose</h2>
        <div style={{ display: 'flex', gap: 30, alignItems: 'center', flexWrap: 'wrap' }}>
          <Rose size={20} tone="ink" title="glyph" petals={petals} />
          <Rose size={120} title="card" petals={petals} />
          <Rose size={360} labels title="study" petals={petals} />
          <Rose size={120} tone="grey" title="plate" petals={petals} />
        </div>
        <h2>Scale</h2>
        <Scale id="g1" spec={observables.acidity} value={reading} other={40} otherLabel="the nose" onChange={setReading} />
        <Scale id="g2" spec={observables.tannin} value={unset} onChange={setUnset} />
        <Scale id="g3" spec={observables.body} value={[30, 55]} onChange={() => undefined} />
        <h2>Choice</h2>
        <Choice
          name="g"
          label={observables.clarity.label}
          hint={observables.clarity.hint}
          options={observables.clarity.options}
          value={chosen}
          onChange={setChosen}
        />
        <h2>Fields</h2>
        <div style={{ display: 'grid', gridTemplateColumns: 'repeat(auto-fill, minmax(220px, 1fr))', gap: 14, alignItems: 'start' }}>
          <NumberField label="A number" unit="g/L" low={0} high={800} value={7} onChange={() => undefined} />
          <CountryField label="A country" value={country} onChange={setCountry} />
          <CurrencyField label="A currency, wrong" value="EUR" error="choose another" onChange={() => undefined} />
          <TimeZoneField label="A time zone, empty" value="" onChange={() => undefined} />
          <DayField label="A day" value={day} onChange={setDay} />
          <DayField label="A day, empty" value="" onChange={() => undefined} />
          <MomentField label="A day and a time" hint="your clock" value="2026-12-03T19:00" onChange={() => undefined} />
          <CheckBox checked={ticked} onChange={setTicked}>
            Ticked or not
          </CheckBox>
          <CheckBox checked disabled onChange={() => undefined}>
            Not to be changed
          </CheckBox>
          <CheckBoxes label="Any of these" options={{ a: 'one', b: 'another', c: 'a third' }} value={several} onChange={setSeveral} />
        </div>
        <h2>Acts</h2>
        <div style={{ display: 'flex', gap: 14, flexWrap: 'wrap', alignItems: 'center' }}>
          <MenuButton
            label="A menu"
            entries={[
              { id: 'a', says: 'an act', does: () => say({ says: 'It was done.' }) },
              { id: 'b', says: 'not now', off: true },
              { id: 'c', says: 'more', of: [{ id: 'd', says: 'an act further in', does: () => say({ says: 'It was done further in.' }) }] },
              {
                id: 'e',
                says: 'take out',
                danger: true,
                does: () => say({ says: 'It is out.', act: { says: 'Undo', does: () => say({ says: 'It is back.' }) } }),
              },
            ]}
          >
            A menu
          </MenuButton>
          <MenuButton quiet label="from: label, of something" entries={[{ id: 'a', says: 'an act', does: () => undefined }]}>
            from: label
          </MenuButton>
          <Switch on={ticked} onChange={setTicked}>
            On or off
          </Switch>
          <Switch on disabled onChange={() => undefined}>
            Not to be changed
          </Switch>
          <Button onPress={() => setSheet(true)}>Open a sheet</Button>
          {sheet && (
            <SheetOverPage label="A sheet" close={() => setSheet(false)}>
              <p>Escape closes it.</p>
              <Button onPress={() => setSheet(false)}>Close</Button>
            </SheetOverPage>
          )}
        </div>
        <WayBack
          steps={[
            { href: '/cellar', name: 'A list' },
            { href: '/gallery', name: 'A thing of it' },
          ]}
        />
        <Progress says="Trying every order" share={0.42} stop={() => undefined} />
        <SearchField label="Words to look for" placeholder="/" value={free} onChange={setFree} />
        <SuggestField
          label="Free text with completions"
          text={free}
          onText={setFree}
          onPick={setFree}
          found={['Merlot', 'Mencía', 'Malbec'].filter((name) => name.toLowerCase().startsWith(free.toLowerCase())).map((name) => ({ id: name, name }))}
        />
        <DropZone types={['.csv']} label="Choose the file" onFile={() => undefined}>
          or drop it here
        </DropZone>
        <p>
          A word with its line of explanation: <Explained word="strain" />. A control without words says what it does:{' '}
          <Tip says="earlier">
            <Button size="small" label="Earlier">
              ←
            </Button>
          </Tip>
        </p>
        <DataTable
          label="A table"
          rows={[
            { name: 'Slate', held: 4 },
            { name: 'Anvil', held: 12 },
            { name: 'Kiln', held: 7 },
          ]}
          keyOf={(row) => row.name}
          columns={[
            { id: 'name', name: 'wine', by: (row) => row.name },
            { id: 'held', name: 'held', by: (row) => row.held },
          ]}
        />
        <ActForm
          act={act}
          onSubmit={() => void act.run(() => Promise.reject(new ApiProblem(422, 'wrong', { errors: [{ field: 'word', message: 'write a word' }] })))}
        >
          <TextField label="A field of a form" name="word" value={free} onChange={setFree} />
          <Button type="submit">Send it, and be refused</Button>
        </ActForm>
        <PageTabs label="Parts" names={{ one: 'The first part', two: 'The second' }} at={tab} go={setTab}>
          <p>{tab === 'one' ? 'What the first part says.' : 'What the second says.'}</p>
        </PageTabs>
        <Disclosure says="What most do not need">
          <p>It is drawn when it is opened.</p>
        </Disclosure>
        <Disclosure open wide says={<span>Open from the start, its parts at both ends</span>}>
          <p>Its text.</p>
        </Disclosure>
        <h2>Call</h2>
        <CallSlider
          asks="The older one"
          says={call === 0 ? 'cannot tell' : `the ${call < 0 ? 'left' : 'right'} one`}
          low="left"
          high="right"
          value={call}
          disabled={false}
          onChange={setCall}
        />
        <CallSlider asks="The older one, locked" says="the right one" low="left" high="right" value={60} disabled onChange={() => undefined} />
        <h2>Glass</h2>
        {(Object.keys(hueLadders) as (keyof typeof hueLadders)[]).map((colour) => (
          <div key={colour} style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
            {Object.entries(hueLadders[colour]).map(([hue, word]) =>
              isHue(hue) ? (
                <figure key={hue} style={{ margin: 0, textAlign: 'center', fontSize: '0.8125rem' }}>
                  <Glass tilt size={92} stops={glassColour({ hue })!.stops} label={word} />
                  <figcaption>{word}</figcaption>
                </figure>
              ) : null,
            )}
          </div>
        ))}
        <h2>Watch</h2>
        <div style={{ display: 'grid', gap: 10, gridTemplateColumns: 'repeat(auto-fit, minmax(140px, 1fr))' }}>
          <Watch watch={stage('ready')} />
          <Watch watch={stage('pleasant')} />
          <Watch watch={stage('after')} />
        </div>
        <h2>Course line</h2>
        <CourseLine
          points={[20, 34, 60, 48, 74].map((height, i) => ({
            id: String(i),
            name: `wine ${i + 1}`,
            height,
            strain: i === 3 ? 9 : 1,
            word: i === 3 ? 'a jolt' : 'easy',
            why: 'grip leads',
          }))}
        />
        <h2>Reasons</h2>
        <Reasons
          total={64}
          totalLabel="together"
          lines={[
            { id: 'start', title: 'where every pair starts', text: '', push: 50 },
            { id: 'a', title: 'weight meets weight', text: 'both carry 48', push: 20 },
            { id: 'b', title: 'tannin on fish', text: 'iron and oil', push: -6 },
          ]}
        />
        <h2>Buttons and fields</h2>
        <div style={{ display: 'flex', gap: 10, flexWrap: 'wrap', alignItems: 'end' }}>
          <Button>Plain</Button>
          <Button tone="strong">
            Strong <Key>s</Key>
          </Button>
          <Button tone="danger">Danger</Button>
          <Button tone="quiet">Quiet</Button>
          <Button disabled>Disabled</Button>
          <Button pressed>Pressed</Button>
          <Button size="small">Small</Button>
          <TextField label="Text" value="" onChange={() => undefined} error="with an error" />
          <SelectField label="Select" value="a" onChange={() => undefined} options={{ a: 'one', b: 'two' }} />
        </div>
      </Page>
    </Frame>
  );
}

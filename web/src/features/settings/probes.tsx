'use client';
import { dayInWords } from '@rose/core/wine/day';
import { counted } from '@rose/core/wine/plural';
import { useEffect, useState } from 'react';
import { v7 } from 'uuid';
import { fitTau } from '@rose/core/temperature/cooling-rate-from-readings';
import { bothTemperatures, showDifference, showTemperature, type TemperatureUnit } from '@rose/core/wine/measure';
import { media, type MediumId } from '@rose/knowledge/cooling-places/index';
import type { Stock } from '@rose/core/flight/flight';
import type { AnswerOf } from '@/contract/answers';
import { useAct } from '@/ui/act';
import { ActForm } from '@/ui/act-form';
import { contract } from '@/contract/client';
import { call } from '@/ui/api';
import { Button } from '@/ui/button';
import { TextArea } from '@/ui/field';
import { SelectField } from '@/ui/select-field';
import { TemperatureField } from '@/ui/measure-field';
import { Explained } from '@/ui/explained';
import { NumberField } from '@/ui/number-field';
import { readReadings } from './readings';
import { useDays } from '@/ui/here';

type Runs = AnswerOf<'probe', 'list'>;
/** How cold a place is: the venue's own fridge and room as it says; ice and a freezer as the handbooks do. */
const placeC = (medium: MediumId, stock: Stock): number => (medium === 'fridge' ? stock.fridgeC : medium === 'room' ? stock.roomC : media[medium].celsius);

/** The venue's own time constants: readings typed in, or taken from the simulated probe, each with what it gives and how sure that is. */
export function Probes({ unit, stock, mayEdit }: { unit: TemperatureUnit; stock: Stock; mayEdit: boolean }) {
  const days = useDays();
  const [list, setList] = useState<Runs | null>(null);
  const [medium, setMedium] = useState<MediumId>('fridge');
  const [ambient, setAmbient] = useState<number | undefined>(stock.fridgeC);
  const [format, setFormat] = useState<number | undefined>(750);
  const [text, setText] = useState('');
  const act = useAct();
  const refresh = async () => setList(await call(contract.probe.list, {}));
  useEffect(() => void refresh().catch(() => undefined), []);
  const readings = readReadings(text, unit);
  const fit = readings === undefined || ambient === undefined ? undefined : fitTau(readings, ambient);
  return (
    <section>
      <h2>Your fridge, your bucket</h2>
      <p className="soft">
        How fast a bottle cools, as the time constant <Explained word="τ" /> in minutes of a standing bottle. The handbook’s figures are used until readings of
        your own give better ones.
      </p>
      {list?.inUse.map((entry) => (
        <div className="row" key={entry.medium}>
          <span>
            {entry.name}
            <br />
            <span className="soft">{entry.from}</span>
          </span>
          <strong>{entry.tau.toFixed(0)} min</strong>
          <span />
        </div>
      ))}
      {list?.runs.map((run) => (
        <div className="row" key={run.id}>
          <span>
            {media[run.medium].name}, {dayInWords(run.on)}, {counted(run.readings.length, 'reading')} of {run.formatMl} mL
            <br />
            <span className="soft">
              {run.fit === null
                ? 'one reading says nothing'
                : run.fit.low === null || run.fit.high === null
                  ? `τ about ${run.fit.tau.toFixed(0)} min; ${run.fit.says}: not used`
                  : `τ ${run.fit.tau.toFixed(0)} min, 95 % between ${run.fit.low.toFixed(0)} and ${run.fit.high.toFixed(0)}; readings scatter by ${showDifference(run.fit.scatter, unit)}`}
            </span>
          </span>
          <span />
          {mayEdit && (
            <Button
              size="small"
              label={`Forget the readings of ${run.on}`}
              onPress={() => void act.run(() => call(contract.probe.remove, { id: run.id }).then(refresh))}
            >
              Forget
            </Button>
          )}
        </div>
      ))}
      {mayEdit && (
        <ActForm
          act={act}
          className="readings"
          onSubmit={() => {
            if (readings === undefined || ambient === undefined || format === undefined) return;
            void act.run(async () => {
              await call(contract.probe.add, { id: v7(), medium, formatMl: format, ambientC: ambient, on: days.today(), readings });
              setText('');
              await refresh();
            });
          }}
        >
          <div className="fields">
            <SelectField
              label="Where"
              value={medium}
              onChange={(value) => {
                setMedium(value as MediumId);
                setAmbient(placeC(value as MediumId, stock));
              }}
              options={Object.fromEntries(Object.values(media).map((entry) => [entry.id, entry.name]))}
            />
            <TemperatureField label="It is at" unit={unit} low={-40} high={60} value={ambient} onChange={setAmbient} />
            <NumberField label="Bottle" unit="mL" low={50} high={20_000} value={format} onChange={setFormat} />
          </div>
          <TextArea
            label="Readings"
            hint="minutes and temperature, a line each"
            value={text}
            onChange={setText}
            rows={4}
            error={text.trim() !== '' && readings === undefined ? 'write a line for each reading, such as: 15 18.4' : undefined}
          />
          {fit !== undefined && (
            <p role="status" className="soft">
              {fit.interval === undefined
                ? `τ about ${fit.tau.toFixed(0)} min; ${fit.says}.`
                : `τ ${fit.tau.toFixed(0)} min, 95 % between ${fit.interval[0].toFixed(0)} and ${fit.interval[1].toFixed(0)}, from ${bothTemperatures(fit.start, unit)}.`}
            </p>
          )}
          <div className="few">
            <Button type="submit" disabled={readings === undefined || act.busy}>
              Keep these readings
            </Button>
            <Button
              tone="quiet"
              disabled={act.busy}
              onPress={() =>
                void act.run(async () => {
                  const made = await call(contract.probe.simulate, {
                    medium,
                    formatMl: format ?? 750,
                    startC: medium === 'room' ? 6 : 21,
                    minutes: medium === 'ice' ? 40 : 120,
                    count: 8,
                    seed: Math.floor(Math.random() * 2 ** 31),
                  });
                  setAmbient(made.ambientC);
                  setText(made.readings.map((reading) => `${reading.minutes} ${showTemperature(reading.celsius, unit)}`).join('\n'));
                })
              }
            >
              Read the simulated probe
            </Button>
          </div>
        </ActForm>
      )}
    </section>
  );
}

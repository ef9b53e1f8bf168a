'use client';
import { counted } from '@rose/core/wine/plural';
import styled from 'styled-components';
import { DataTable } from '@/ui/data-table';
import { Explained } from '@/ui/explained';
import type { FlightDocument } from '@rose/core/flight/flight';
import { absorbedWhenSpat, spanInWords } from '@rose/core/alcohol/alcohol';
import { bothVolumes, showVolume } from '@rose/core/wine/measure';
import type { Amounts } from '@rose/knowledge/evening/amounts';
import type { VenueFacts } from '@rose/knowledge/evening/evening';
import { moneyInWords } from '@rose/core/wine/money';

const Figures = styled.div`
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 18px 26px;
  @media (max-width: 40em) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
  margin: 22px 0 0;
  padding-top: 18px;
  border-top: 1px solid var(--line);
  strong {
    display: block;
    font-weight: 650;
  }
  .n {
    font: 500 1.6875rem/1.2 var(--serif);
    font-variant-numeric: lining-nums;
  }
  small {
    color: var(--soft);
    display: block;
    font-size: 0.8125rem;
  }
  small[data-warn] {
    color: var(--amber);
    font-weight: 650;
  }
`;
const costWords = { wine: 'wine', spares: 'spares', bread: 'bread', cheese: 'cheese', water: 'water', ice: 'ice' } as const;

/** Bottles and spares, glasses, millilitres, pure alcohol, cost and minutes of a flight, with the cautions where they matter. */
export function FlightAmounts({ flight, amounts, venue }: { flight: FlightDocument; amounts: Amounts; venue: VenueFacts }) {
  const glasses = amounts.glasses.reduce((sum, plan) => sum + plan.needed, 0);
  const washes = Math.max(0, ...amounts.glasses.map((plan) => plan.washes ?? 0));
  const short = amounts.glasses.filter((plan) => plan.washes === undefined);
  const overfull = amounts.glasses.filter((plan) => plan.overfull);
  const drinks = amounts.alcohol.drinks;
  const money = (minor: number) => moneyInWords(minor, venue.currency);
  const over = flight.budgetMinor !== null && amounts.aHeadMinor > flight.budgetMinor;
  const spent = amounts.cost.filter((part) => part.part !== 'spares' && part.minor > 0);
  return (
    <section aria-label="How much of everything">
      <Figures>
        <div>
          <div className="n">
            {amounts.bottles} + {amounts.spares}
          </div>
          <strong>
            bottles and <Explained word="spares" />
          </strong>
          <small>
            {(amounts.chance * 100).toFixed(0)} % sure of enough sound wine in all; {amounts.wines.reduce((sum, wine) => sum + wine.byVolume, 0)} bottles by
            volume
          </small>
          {amounts.saving !== undefined && (
            <small>
              at {showVolume(amounts.saving.pour, venue.volume)} a pour {counted(amounts.saving.saves, 'bottle')} fewer
            </small>
          )}
        </div>
        <div>
          <div className="n">{glasses}</div>
          <strong>glasses</strong>
          <small data-warn={short.length > 0 || undefined}>
            {short.length > 0
              ? `${short.map((plan) => `${plan.held} × ${plan.name}`).join(', ')}: not enough for one wine each`
              : `${washes === 0 ? 'no wash between' : washes === 1 ? 'one wash between' : `${washes} washes between`}, ${amounts.glasses.reduce((sum, plan) => sum + plan.breakage, 0)} for breakage`}
          </small>
          {overfull.length > 0 && <small data-warn>{overfull.map((plan) => plan.name).join(', ')}: the pour is more than a third of the glass</small>}
        </div>
        <div>
          <div className="n">{bothVolumes(amounts.aHeadMl, venue.volume).split(' (')[0]}</div>
          <strong>a guest</strong>
          <small data-warn={!amounts.pour.enough || undefined}>
            {amounts.pour.enough
              ? `enough for ${counted(amounts.pour.sips, 'sip')} and a nose`
              : `${counted(amounts.pour.sips, 'sip')} and something to smell need ${bothVolumes(amounts.pour.neededMl, venue.volume)} a wine: pour more or plan fewer returns`}
          </small>
        </div>
        <div>
          <div className="n">{spanInWords(amounts.alcohol.swallowed)} g</div>
          <strong>pure alcohol, if swallowed</strong>
          <small>
            {drinks !== undefined &&
              `${spanInWords(drinks.swallowed, 1)} ${drinks.of.name}${drinks.of.country === 'WHO' ? '' : ` (${drinks.of.country}, ${drinks.of.grams} g)`}; `}
            about {spanInWords(amounts.alcohol.spat)} g if spat, reckoning {absorbedWhenSpat * 100} % absorbed
            {amounts.alcohol.assumed > 0
              ? `; the strength of ${amounts.alcohol.assumed === 1 ? 'one wine is' : `${amounts.alcohol.assumed} wines is`} not known and assumed as usual of its kind`
              : ''}
          </small>
        </div>
        <div>
          <div className="n">{money(amounts.aHeadMinor)}</div>
          <strong>a head</strong>
          <small data-warn={over || undefined}>
            {spent.map((part) => `${costWords[part.part]} ${money(Math.round(part.minor / Math.max(1, flight.guests)))}`).join(', ')}
            {amounts.unknownPrices > 0 ? `; ${amounts.unknownPrices === 1 ? 'one wine' : `${amounts.unknownPrices} wines`} without a price` : ''}
            {Object.entries(amounts.otherCurrencies)
              .map(([currency, n]) => `; ${n === 1 ? 'one price' : `${n} prices`} in ${currency}, not counted`)
              .join('')}
            {over ? `; over the budget of ${money(flight.budgetMinor!)}` : ''}
          </small>
        </div>
        <div>
          <div className="n">{amounts.minutes} min</div>
          <strong>at the table</strong>
          <small>
            {amounts.waterL.toFixed(1)} L of water, {counted(amounts.spittoons, 'spittoon')}, {amounts.breadG} g of bread
            {amounts.cheeseG > 0 ? `, ${amounts.cheeseG} g of cheese` : ''}
          </small>
        </div>
      </Figures>
      <DataTable
        label="Bottles by wine"
        rows={amounts.wines}
        keyOf={(row) => row.wine}
        columns={[
          { id: 'wine', name: 'wine', by: (row) => row.name },
          { id: 'pours', name: 'pours', by: (row) => row.pours, shows: (row) => `${row.pours} × ${showVolume(row.pourMl, venue.volume)}` },
          { id: 'needed', name: 'needed', by: (row) => row.neededMl, shows: (row) => showVolume(row.neededMl, venue.volume) },
          { id: 'volume', name: 'by volume', by: (row) => row.byVolume },
          { id: 'whole', name: 'by whole pours', by: (row) => row.byPours, shows: (row) => `${row.byPours} × ${row.formatMl} mL` },
          { id: 'spares', name: 'spares', by: (row) => row.spares.spares },
          {
            id: 'held',
            name: 'held',
            by: (row) => row.held,
            shows: (row) => (row.short > 0 ? <span data-warn>{`${row.held}, ${row.short} to buy`}</span> : row.held),
          },
        ]}
      />
      <p className="soft" style={{ marginTop: 10, fontSize: '0.875rem' }}>
        Nobody needs to swallow to judge. Who drives, is pregnant, takes medicine or is under age does not drink; local law decides. These figures are a
        caution, never a permission.
      </p>
    </section>
  );
}

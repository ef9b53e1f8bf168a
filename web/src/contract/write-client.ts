import { writeFileSync } from 'node:fs';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { format, resolveConfig } from 'prettier';
import { presentFlight } from '@rose/core/flight/flight-schema';
import { menuDocument } from '@rose/core/menu/menu-schema';
import { dishDocument } from '@rose/core/pairing/dish-schema';
import { wineDocument } from '@rose/core/wine/facts-schema';
import { noteDocument } from '@rose/core/wine/note-schema';
import { shapeOf } from '@rose/core/document/merge-marks';
import { contract } from '.';
import type { Contract } from './contract';

/** Where the client's part of the contract stands: npm run contract writes it, a test holds it to what the contract says. */
export const clientFile = path.join(path.dirname(fileURLToPath(import.meta.url)), 'client.ts');

/** What the browser needs of the contract, and no schema: where each call goes, and how each kind of document is merged. */
export async function clientSource(): Promise<string> {
  const addressOf = ({ method, path: at, files }: Contract) => ({ method, path: at, ...(files === undefined ? {} : { files }) });
  const activities: Readonly<Record<string, Readonly<Record<string, Contract>>>> = contract;
  const addresses = Object.fromEntries(
    Object.entries(activities).map(([activity, of]) => [activity, Object.fromEntries(Object.entries(of).map(([verb, said]) => [verb, addressOf(said)]))]),
  );
  const shapes = {
    note: shapeOf(noteDocument),
    wine: shapeOf(wineDocument),
    flight: shapeOf(presentFlight),
    dish: shapeOf(dishDocument),
    menu: shapeOf(menuDocument),
  };
  const text = `// Written by npm run contract from the contract itself: change that, never this.
import type { Shape } from '@rose/core/document/merge';
import type { Addresses } from './addresses';

export const contract: Addresses = ${JSON.stringify(addresses)};

export const shapes: Readonly<Record<'note' | 'wine' | 'flight' | 'dish' | 'menu', Shape>> = ${JSON.stringify(shapes)};
`;
  return format(text, { ...(await resolveConfig(clientFile)), parser: 'typescript' });
}

if (process.argv[1] === fileURLToPath(import.meta.url)) writeFileSync(clientFile, await clientSource());

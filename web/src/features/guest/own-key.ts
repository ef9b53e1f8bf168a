import { keepOnDevice, keptOnDevice } from '@/ui/kept-on-device';

/** A secret of this device. Made of the browser's own chance, which is there over plain http too. */
export function newKey(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(24));
  return btoa(String.fromCharCode(...bytes))
    .replaceAll('+', '-')
    .replaceAll('/', '_');
}
const place = 'guest-key';
/** The key a guest keeps: it finds them again on another evening, or when they come back. */
export const ownKey = (): string | undefined => keptOnDevice(place);
export const keepOwnKey = (key: string | undefined): void => keepOnDevice(place, key);

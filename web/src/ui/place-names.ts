/** The platform's own lists: countries, currencies and time zones, by their codes. */
const named = (type: 'region' | 'currency') => new Intl.DisplayNames('en-GB', { type, fallback: 'none' });
const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
/** Codes that name no country of today: unions, the whole world, ones that are gone, ones for tests. */
const noCountry = new Set('AN BU CS DD DY EU EZ FQ FX HV JT MI NH NQ NT PC PU PZ QO QU RH SU TP UK UN VD WK XA XB YD YU ZR ZZ'.split(' '));

/** Every country with its name. */
export const countryNames = (): Readonly<Record<string, string>> => {
  const names = named('region');
  return Object.fromEntries(
    letters.flatMap((a) =>
      letters.flatMap((b) => {
        const code = `${a}${b}`;
        const name = noCountry.has(code) ? undefined : names.of(code);
        return name === undefined || name === code ? [] : [[code, name]];
      }),
    ),
  );
};
export const currencyNames = (): Readonly<Record<string, string>> => {
  const names = named('currency');
  return Object.fromEntries(Intl.supportedValuesOf('currency').map((code) => [code, names.of(code) ?? code]));
};
export const zoneNames = (): Readonly<Record<string, string>> =>
  Object.fromEntries(Intl.supportedValuesOf('timeZone').map((zone) => [zone, zone.replaceAll('_', ' ')]));

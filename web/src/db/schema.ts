export * from './auth';
export * from './venue';
export * from './cellar';
export * from './flight';
export * from './tasting';
export * from './note';
export * from './pairing';
export * from './house';

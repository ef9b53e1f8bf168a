/** What a glass needs after the look: one load, so that the words for smells travel once. */
export { Aroma, Flavours, Smells } from './smell/aroma';
export { Finish } from './finish/finish';
export { BeforeVerdict, Sips } from './taste/sips';

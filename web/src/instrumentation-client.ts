/**
 * Runs before anything else of the application. The page of a missing thing comes without our head, so styled-components
 * finds no nonce there and its styles would be refused: the page's own scripts carry the same one.
 */
const script = document.querySelector<HTMLScriptElement>('script[nonce]');
if (!document.querySelector('meta[property="csp-nonce"]') && script) (globalThis as { __webpack_nonce__?: string }).__webpack_nonce__ = script.nonce;

export {};

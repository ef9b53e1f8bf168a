/** Headers of every answer, page or not, that keep a browser from doing with it what nobody asked for. */
export const guarded = (): Readonly<Record<string, string>> => ({
  ...(process.env['ROSE_ORIGIN']?.startsWith('https:') === true ? { 'strict-transport-security': 'max-age=31536000' } : {}),
  'x-content-type-options': 'nosniff',
  'referrer-policy': 'same-origin',
  'cross-origin-opener-policy': 'same-origin',
  'permissions-policy': 'camera=(), microphone=(), geolocation=(), payment=()',
});

/** Seconds as a clock that counts them shows them: "2:07". Whole seconds; nothing below none. */
export function asClock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

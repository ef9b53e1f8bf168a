/** Forgets the seat on this device. */
export async function forgetSeat(): Promise<void> {
  if (!('serviceWorker' in navigator)) return;
  const registered = await navigator.serviceWorker.getRegistration('/seat');
  registered?.active?.postMessage({ keep: false });
}

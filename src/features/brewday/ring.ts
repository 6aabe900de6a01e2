import type { KitchenTimer } from '@/core/kitchen/timers';

/** Asks whether a run-down clock may also show as a notification; only from a tap, as browsers want it. */
export function askToNotify(): void {
  if (typeof Notification !== 'undefined' && Notification.permission === 'default')
    void Notification.requestPermission().catch(() => undefined);
}

/** Three soft strikes, where the browser lets a page sound. */
export function strike(): void {
  try {
    const context = new AudioContext();
    for (let i = 0; i < 3; i++) {
      const at = context.currentTime + i * 0.55;
      const tone = context.createOscillator();
      const loud = context.createGain();
      tone.type = 'triangle';
      tone.frequency.value = i === 2 ? 880 : 660;
      loud.gain.setValueAtTime(0.0001, at);
      loud.gain.exponentialRampToValueAtTime(0.4, at + 0.02);
      loud.gain.exponentialRampToValueAtTime(0.0001, at + 0.5);
      tone.connect(loud).connect(context.destination);
      tone.start(at);
      tone.stop(at + 0.52);
    }
    setTimeout(() => void context.close().catch(() => undefined), 2500);
  } catch {
    // No sound on this device: the clock shows it.
  }
}

/** A notification beside the sound, where it was allowed. */
export async function notify({ label, key }: KitchenTimer): Promise<void> {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
  const said = { body: 'The clock has run down.', tag: key };
  try {
    const worker = await navigator.serviceWorker?.getRegistration();
    if (worker) await worker.showNotification(label, said);
    else new Notification(label, said);
  } catch {
    // A browser that shows none: the page does.
  }
}

let sound: AudioContext | null = null;

/** The page's one sound; browsers let it be heard once a tap has woken it. */
function wokenSound(): AudioContext | null {
  try {
    sound ??= new AudioContext();
    if (sound.state === 'suspended') void sound.resume().catch(() => undefined);
  } catch {
    // No sound on this device: the clock shows it.
  }
  return sound;
}

/** From the tap that starts a clock: wakes the sound, and asks whether a run-down clock may also show as a notification. */
export function readyToRing(): void {
  wokenSound();
  if (typeof Notification !== 'undefined' && Notification.permission === 'default')
    void Notification.requestPermission().catch(() => undefined);
}

/** Three soft strikes, the last one higher. */
export function strike(): void {
  const context = wokenSound();
  if (!context) return;
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
}

/** A notification, where it was allowed. @param key one of the same key takes its place */
export async function notify(label: string, body: string, key: string): Promise<void> {
  if (typeof Notification === 'undefined' || Notification.permission !== 'granted') return;
  const said = { body, tag: key };
  try {
    const worker = await navigator.serviceWorker?.getRegistration();
    if (worker) await worker.showNotification(label, said);
    else new Notification(label, said);
  } catch {
    // A browser that shows none: the page does.
  }
}

/** Tells when a newer version waits, and takes it. */
export interface Update {
  readonly take: () => void;
}

/**
 * Lets the browser keep the app for use without a network. Only in a built app: a dev server changes too often.
 *
 * @param script address of the service worker
 */
export function registerOffline(script: string, onWaiting: (update: Update) => void): void {
  if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
  const offer = (worker: ServiceWorker) => {
    if (!navigator.serviceWorker.controller) return;
    onWaiting({
      take: () => {
        navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
          once: true,
        });
        worker.postMessage({ type: 'SKIP_WAITING' });
      },
    });
  };
  const watch = (registration: ServiceWorkerRegistration) => {
    if (registration.waiting) offer(registration.waiting);
    registration.addEventListener('updatefound', () => {
      const worker = registration.installing;
      // The first of all is no newer version, though in some browsers it rules the page before it says that it is installed.
      if (!registration.active) return;
      worker?.addEventListener('statechange', () => worker.state === 'installed' && offer(worker));
    });
  };
  const register = () =>
    void navigator.serviceWorker
      .register(script)
      .then(watch)
      .catch(() => undefined);
  if (document.readyState === 'complete') register();
  else window.addEventListener('load', register);
}

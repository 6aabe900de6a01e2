/**
 * The address of a file or page of the app, wherever on its host the app lies: beside its manifest.
 *
 * @param path without a leading slash: "service-worker.js", "?demo=1"
 */
export const atBase = (path: string): string => {
  const manifest = document.querySelector<HTMLLinkElement>('link[rel="manifest"]')?.href;
  return new URL(path, manifest ?? `${window.location.origin}/`).href;
};

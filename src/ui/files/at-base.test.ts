import { atBase } from './at-base';

const manifestAt = (href: string) => {
  document.head.innerHTML = href === '' ? '' : `<link rel="manifest" href="${href}">`;
};

test.each([
  ['/manifest.webmanifest', 'brews/new', '/brews/new'],
  ['/manifest.webmanifest', '', '/'],
  ['/manifest.webmanifest', '?demo=1', '/?demo=1'],
  ['/at/home/manifest.webmanifest', 'service-worker.js', '/at/home/service-worker.js'],
  ['/at/home/manifest.webmanifest', '?demo=0', '/at/home/?demo=0'],
  ['/at/home/manifest.webmanifest', '', '/at/home/'],
  ['', 'rack', '/rack'],
])('with the manifest at “%s”, “%s” lies at %s', (manifest, path, address) => {
  manifestAt(manifest);
  expect(atBase(path)).toBe(`${window.location.origin}${address}`);
});

import { locale, plural, setMeasured, setTranslation, t, type Translate } from './t';

const said = (messages: Readonly<Record<string, string>>): Translate => {
  const all = new Map(Object.entries(messages));
  return (key, values) =>
    all.get(key)?.replace(/\{(\w+)\}/g, (_, name: string) => String(values[name])) ?? null;
};

afterEach(() => {
  setTranslation(null);
  setMeasured((text) => text);
});

describe('a sentence', () => {
  test('stands in English where it is said', () => {
    expect(t`Feed ${'Nib'} by ${'21:30'}.`).toBe('Feed Nib by 21:30.');
    expect(t`Ready`).toBe('Ready');
    expect(locale()).toBe('en-GB');
  });

  test('is looked up by its numbered parameters, whose order a language may change', () => {
    setTranslation(said({ 'Feed {0} by {1}.': 'Voor {1}: voed {0}.' }), 'nl-NL');
    expect(t`Feed ${'Nib'} by ${'21:30'}.`).toBe('Voor 21:30: voed Nib.');
    expect(locale()).toBe('nl-NL');
  });

  test('keeps the space about it, which the catalogue does not have', () => {
    setTranslation(said({ 'Next feed: {0}.': 'Volgende voeding: {0}.' }));
    expect(t` Next feed: ${'now'}. `).toBe(' Volgende voeding: now. ');
  });

  test('is English where the catalogue lacks it', () => {
    setTranslation(said({}));
    expect(t`Nothing of ${'it'}`).toBe('Nothing of it');
    expect(plural(2, 'jar')).toBe('2 jars');
  });

  test('takes parameters as they are, dollars and braces too', () => {
    setTranslation(said({ 'Call it {0}': 'Noem het {0}' }));
    expect(t`Call it ${'$& {0} $1'}`).toBe('Noem het $& {0} $1');
  });

  test('has its amounts turned last, in every language', () => {
    setMeasured((text) => text.replace('240 ml', '8.1 fl oz'));
    expect(t`Draw ${240} ml`).toBe('Draw 8.1 fl oz');
    setTranslation(said({ 'Draw {0} ml': 'Neem {0} ml af' }));
    expect(t`Draw ${240} ml`).toBe('Neem 8.1 fl oz af');
  });
});

test('counted things go by the count, with irregular ones named', () => {
  expect([plural(1, 'bottle'), plural(0, 'bottle'), plural(1234, 'batch', 'batches')]).toEqual([
    '1 bottle',
    '0 bottles',
    '1,234 batches',
  ]);
});

import type { KitchenTimer } from '@/core/settings/timer';
import { notify, readyToRing, strike } from './ring';
import { partOf } from '@/core/part-of.test-tool';

const timer: KitchenTimer = {
  key: 'a:cool',
  lotId: 'a',
  step: 'cool',
  label: 'Cooling, Plum',
  from: 0,
  until: 1,
};
const tones: { frequency: number; from: number }[] = [];

class Sound {
  state = 'suspended';
  currentTime = 0;
  destination = {};
  resume = jest.fn(async () => void (this.state = 'running'));
  createGain = () => {
    const gain = { setValueAtTime: jest.fn(), exponentialRampToValueAtTime: jest.fn() };
    return { gain, connect: () => this.destination };
  };
  createOscillator = () => {
    const tone = { frequency: 0, from: 0 };
    tones.push(tone);
    return {
      frequency: { set value(hertz: number) { tone.frequency = hertz; } },
      connect: (to: { connect: unknown }) => to,
      start: (at: number) => void (tone.from = at),
      stop: jest.fn(),
    };
  }; // prettier-ignore
}

const world = partOf<Record<string, unknown>>(globalThis);
afterEach(() => {
  delete world.Notification;
  tones.length = 0;
});

test('a tap wakes the sound once and asks for leave to notify; then three strikes, the last one higher', () => {
  const made: Sound[] = [];
  world.AudioContext = function () {
    const sound = new Sound();
    made.push(sound);
    return sound;
  };
  const requestPermission = jest.fn(async () => 'granted');
  world.Notification = Object.assign(jest.fn(), { permission: 'default', requestPermission });
  readyToRing();
  readyToRing();
  expect([made.length, requestPermission.mock.calls.length]).toEqual([1, 2]);
  expect(made[0]!.resume).toHaveBeenCalled();
  strike();
  expect(tones.map(({ frequency, from }) => [frequency, from])).toEqual([
    [660, 0],
    [660, 0.55],
    [880, 1.1],
  ]);
});

test('a notification only where it was allowed', async () => {
  const shown = jest.fn();
  world.Notification = Object.assign(function (title: string, more: object) {
    shown(title, more);
  }, { permission: 'denied' }); // prettier-ignore
  await notify(timer.label, 'The clock has run down.', timer.key);
  expect(shown).not.toHaveBeenCalled();
  (world.Notification as { permission: string }).permission = 'granted';
  await notify(timer.label, 'The clock has run down.', timer.key);
  expect(shown).toHaveBeenCalledWith('Cooling, Plum', { body: 'The clock has run down.', tag: 'a:cool' });
});

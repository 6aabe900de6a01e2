import { dropDraft, keepDraft, keptDraft } from './drafts';
import { dayMs } from '@/core/duration';

const now = Date.UTC(2026, 4, 4, 18);
const draft = { name: 'Pear and bay', rows: [1, 2] };

test('a draft comes back as it was kept, for a week, under its own name', () => {
  keepDraft('worktop/1:new', draft, now);
  expect(keptDraft('worktop/1:new', now + 6 * dayMs)).toEqual(draft);
  expect(keptDraft('worktop/1:new', now + 8 * dayMs)).toBeNull();
  expect(keptDraft('worktop/2:new', now)).toBeNull();
  dropDraft('worktop/1:new');
  expect(keptDraft('worktop/1:new', now)).toBeNull();
});

test('a damaged draft is none', () => {
  keepDraft('worktop/1:new', draft, now);
  const [key] = Object.keys(localStorage);
  localStorage.setItem(key!, localStorage.getItem(key!)!.replace('Pear', 'Bear'));
  expect(keptDraft('worktop/1:new', now)).toBeNull();
});

import { render, screen } from '@testing-library/react';
import { useMomentLater } from './use-moment-later';

test('what need not be seen at once is not drawn first, and drawn a moment later', async () => {
  const drawn: string[] = [];
  function Page() {
    const whole = useMomentLater();
    drawn.push(whole ? 'whole' : 'first');
    return whole ? <p>the rest</p> : null;
  }
  render(<Page />);
  await screen.findByText('the rest');
  expect(drawn).toEqual(['first', 'whole']);
});

import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Toaster } from 'sonner';
import { ScriptTools } from './ScriptTools';

/** A voice that the browser has, and does not let speak. */
const mute = {
  cancel: () => undefined,
  speak: () => {
    throw new DOMException('not now', 'NotAllowedError');
  },
};

const opened = () => {
  Object.defineProperty(window, 'speechSynthesis', { configurable: true, value: mute });
  Object.defineProperty(window, 'SpeechSynthesisUtterance', {
    configurable: true,
    value: class {},
  });
  const user = userEvent.setup();
  render(
    <>
      <ScriptTools text="Ball inside the lead heel." />
      <Toaster />
    </>,
  );
  return user;
};

test('a browser that does not read aloud says so, and the button is as before', async () => {
  const user = opened();
  await user.click(await screen.findByRole('button', { name: 'Read aloud' }));
  expect(await screen.findByText('This browser cannot read aloud.')).toBeVisible();
  expect(screen.getByRole('button', { name: 'Read aloud' })).toHaveAttribute(
    'aria-pressed',
    'false',
  );
});

test('a browser that does not let copy says what to do instead', async () => {
  const user = opened();
  jest.spyOn(navigator.clipboard, 'writeText').mockImplementation(() => {
    throw new DOMException('not now', 'NotAllowedError');
  });
  await user.click(screen.getByRole('button', { name: 'Copy' }));
  expect(await screen.findByText(/Select the script and copy it/)).toBeVisible();
});

import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { AlertDialog } from 'radix-ui';
import { useState } from 'react';
import { Confirm } from './Confirm';
import { Overlay } from './Overlay';
import { Token } from '../reading/Token';
import { Question } from './Question';

/** A page whose buttons open one thing at a time, as the desk does. */
function Page() {
  const [open, setOpen] = useState<string | null>(null);
  const state = { onClose: () => setOpen(null) };
  return (
    <>
      {['form', 'text', 'menu', 'sure', 'erase'].map((name) => (
        <button key={name} onClick={() => setOpen(name)}>
          {name}
        </button>
      ))}
      {open === 'form' && (
        <Overlay title="Form" shape="narrow" {...state}>
          <button>Before</button>
          <input aria-label="Disabled" disabled />
          <input aria-label="First" />
        </Overlay>
      )}
      {open === 'text' && (
        <Overlay title="Text" shape="narrow" {...state}>
          Words alone.
        </Overlay>
      )}
      {open === 'menu' && (
        <Overlay title="Menu" shape="wide" {...state}>
          <button onClick={() => setOpen('form')}>To the form</button>
        </Overlay>
      )}
      {open === 'sure' && (
        <Confirm title="Sure?" action="Do it" onConfirm={() => undefined} {...state}>
          It goes.
        </Confirm>
      )}
      {open === 'erase' && (
        <Question title="Erase?" says="For good." {...state}>
          <AlertDialog.Cancel>Keep</AlertDialog.Cancel>
          <input aria-label="Name" />
        </Question>
      )}
    </>
  );
}

async function opened(name: string) {
  const user = userEvent.setup();
  render(<Page />);
  const opener = screen.getByRole('button', { name });
  await user.click(opener);
  const closed = async (): Promise<void> => {
    await user.keyboard('{Escape}');
    await waitFor(() => expect(opener).toHaveFocus());
  };
  return { user, closed };
}

test.each([
  ['form', 'textbox', 'First'],
  ['text', 'dialog', 'Text'],
  ['sure', 'button', 'Cancel'],
  ['erase', 'textbox', 'Name'],
])('what "%s" opens has the focus on its %s %s, and gives it back', async (opens, role, name) => {
  const { closed } = await opened(opens);
  expect(screen.getByRole(role, { name })).toHaveFocus();
  await closed();
});

test('what was opened from a menu that is gone gives the focus back to what opened the menu', async () => {
  const { user, closed } = await opened('menu');
  await user.click(screen.getByRole('button', { name: 'To the form' }));
  await waitFor(() => expect(screen.getByRole('textbox', { name: 'First' })).toHaveFocus());
  await closed();
});

test('what closes late does not take the focus from a dialog that was opened since: what is typed there stays', async () => {
  // Without a pause between keys everything is typed before the first timer runs.
  const user = userEvent.setup({ delay: null });
  function TokenAndForm() {
    const [open, setOpen] = useState<'token' | 'form' | null>(null);
    return (
      <>
        <Token
          label="Lip"
          open={open === 'token'}
          onOpenChange={(next) => setOpen(next ? 'token' : null)}
          panel={<button onClick={() => setOpen('form')}>Form</button>}
        >
          1 ft
        </Token>
        {open === 'form' && (
          <Overlay title="Form" shape="narrow" onClose={() => setOpen(null)}>
            <input aria-label="Words" />
          </Overlay>
        )}
      </>
    );
  }
  render(<TokenAndForm />);
  await user.click(screen.getByRole('button', { name: /Lip/ }));
  fireEvent.click(screen.getByRole('button', { name: 'Form' }));
  await user.keyboard('card ');
  await new Promise((resolve) => setTimeout(resolve, 20));
  await user.keyboard('to');
  expect(screen.getByRole('textbox', { name: 'Words' })).toHaveValue('card to');
});

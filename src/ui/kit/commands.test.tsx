import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CommandHints, keyWords, useCommands, type Command } from './commands';

function opened(enabled = true) {
  const done: string[] = [];
  const command = (key: string, more: Partial<Command> = {}): Command => ({
    name: key,
    group: 'Do',
    key,
    act: () => done.push(key),
    ...more,
  });
  const commands = [
    command('k', { hint: 'keep' }),
    command('?'),
    command('/'),
    command('1', { hint: 'show a miss', sheet: { keys: '1–6', does: 'draw a miss' } }),
    command('mod+z'),
    command('mod+shift+z', { otherKey: 'mod+y' }),
    command('mod+k', { whileTyping: true }),
    { name: 'without a key', group: 'Do', act: () => done.push('none') },
  ];
  function Page() {
    useCommands(commands, enabled);
    return (
      <>
        <input aria-label="typed" />
        <div role="slider" tabIndex={0} aria-valuenow={1} aria-label="handle" />
        <CommandHints commands={commands} />
      </>
    );
  }
  render(<Page />);
  return { done, user: userEvent.setup() };
}

test('each key does its own command, combinations apart from their letters', async () => {
  const { done, user } = opened();
  await user.keyboard('k/1?');
  await user.keyboard('{Control>}z{/Control}{Control>}{Shift>}z{/Shift}{/Control}');
  await user.keyboard('{Control>}y{/Control}');
  await user.keyboard('{Control>}k{/Control}');
  expect(done).toEqual(['k', '/', '1', '?', 'mod+z', 'mod+shift+z', 'mod+shift+z', 'mod+k']);
});

test('letters are letters while something is typed; handles leave them to the commands', async () => {
  const { done, user } = opened();
  await user.click(screen.getByLabelText('typed'));
  await user.keyboard('k1{Control>}k{/Control}');
  expect(screen.getByLabelText('typed')).toHaveValue('k1');
  expect(done).toEqual(['mod+k']);
  screen.getByRole('slider').focus();
  await user.keyboard('k');
  expect(done).toEqual(['mod+k', 'k']);
});

test('nothing is done while something lies over the page', async () => {
  const { done, user } = opened(false);
  await user.keyboard('k/');
  expect(done).toEqual([]);
});

test('the foot of the page says the keys that have a hint', () => {
  opened();
  expect(screen.getByText('keep')).toHaveTextContent('kkeep');
  expect(screen.getByText('show a miss')).toHaveTextContent('1–6show a miss');
  expect(keyWords('mod+shift+z')).toBe('Ctrl Shift z');
});

import { act, fireEvent, render, screen } from '@testing-library/react';
import { LoadingState } from '../../design/States';
import { inWorker } from './ask';
import type { TaskInput } from './tasks';
import { useTask } from './use-task';

jest.mock('./ask', () => ({ inWorker: jest.fn() }));
const worker = inWorker as unknown as jest.Mock<Promise<unknown>, unknown[]>;

/** An answer that is given when the test says so. */
function later() {
  let give!: (answer: unknown) => void;
  let fail!: (error: Error) => void;
  const answer = new Promise<unknown>((resolve, reject) => {
    give = resolve;
    fail = reject;
  });
  worker.mockReturnValueOnce(answer);
  return {
    give: (it: unknown) => act(async () => give(it)),
    fail: () => act(async () => fail(new Error('Worn out'))),
  };
}

/** Nothing here looks into what is asked or answered. */
const asked = (what: string) => ({ what }) as unknown as TaskInput<'trends'>;

function Shown({ input }: { input: TaskInput<'trends'> | null }) {
  const { answer, again } = useTask('trends', input);
  return answer ? <p>{String(answer)}</p> : <LoadingState what="the trends" again={again} />;
}

beforeEach(() => worker.mockReset());

test('a task is waited for, and its answer shown', async () => {
  const first = later();
  render(<Shown input={asked('squat')} />);
  expect(screen.getByRole('status', { name: 'Loading the trends' })).toBeTruthy();
  await first.give('steady');
  expect(screen.getByText('steady')).toBeTruthy();
});

test('one that fails says so where its answer would be, and is tried again on request', async () => {
  const first = later();
  render(<Shown input={asked('squat')} />);
  await first.fail();
  expect(screen.getByText('The trends could not be worked out')).toBeTruthy();
  const second = later();
  fireEvent.click(screen.getByRole('button', { name: 'Work out the trends again' }));
  await second.give('rising');
  expect(screen.getByText('rising')).toBeTruthy();
  expect(screen.queryByText(/could not/)).toBeNull();
});

test('an answer that was overtaken is not shown', async () => {
  const [slow, quick] = [later(), later()];
  const { rerender } = render(<Shown input={asked('squat')} />);
  rerender(<Shown input={asked('press')} />);
  await quick.give('of the press');
  await slow.give('of the squat');
  expect(screen.getByText('of the press')).toBeTruthy();
  rerender(<Shown input={null} />);
  expect(screen.queryByText('of the press')).toBeNull();
});

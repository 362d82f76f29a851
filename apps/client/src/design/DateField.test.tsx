import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { DateField } from './DateField';

const field = () => screen.getByRole('textbox', { name: 'Born on' }) as HTMLInputElement;
const type = (text: string) => fireEvent.change(field(), { target: { value: text } });

function Held({
  onDay,
  problem = null,
}: {
  onDay: (day: string) => void;
  problem?: string | null;
}) {
  const [day, setDay] = useState('');
  const take = (next: string) => {
    setDay(next);
    onDay(next);
  };
  return (
    <>
      <DateField label="Born on" value={day} onChange={take} most="2026-11-24" problem={problem} />
      <button onClick={() => take('2000-02-29')}>From elsewhere</button>
    </>
  );
}

test('what is typed stays as it is typed, and what it is read as stands below', () => {
  const onDay = jest.fn();
  render(<Held onDay={onDay} />);
  expect(screen.getByText('As 24 Nov 2026')).toBeTruthy();
  type('4 May');
  expect(onDay).toHaveBeenLastCalledWith('4 May');
  type('4 May 91');
  expect(onDay).toHaveBeenLastCalledWith('1991-05-04');
  expect(field().value).toBe('4 May 91');
  expect(screen.getByText('Saturday, 4 May 1991')).toBeTruthy();
});

test('a day that comes from elsewhere takes the place of what was typed', () => {
  render(<Held onDay={() => undefined} />);
  type('4.5.1991');
  fireEvent.click(screen.getByRole('button', { name: 'From elsewhere' }));
  expect(field().value).toBe('29 Feb 2000');
  expect(screen.getByText('Tuesday, 29 February 2000')).toBeTruthy();
});

test('what is wrong is told to whoever cannot see it, too', () => {
  render(<Held onDay={() => undefined} problem="A day, as 24 Nov 2026" />);
  expect(screen.getByRole('alert').textContent).toBe('A day, as 24 Nov 2026');
  expect(field().getAttribute('aria-invalid')).toBe('true');
  expect(field().getAttribute('aria-describedby')).toBe(screen.getByRole('alert').id);
});

import { fireEvent, render, screen, waitFor } from '@testing-library/react';
import { samphireYard } from '../../../demo/samphire-yard';
import { judge } from '@/core/score/judge';
import { questionsOf } from '@/core/walk/questions';
import { withFraction, withoutLast } from './Keypad';
import { QuestionScreen, type QuestionProps } from './QuestionScreen';

const { place, walks } = samphireYard;
const judgement = judge(place, walks);
const found = judgement.found.place;

function show(id: string, more: Partial<QuestionProps> = {}) {
  const question = questionsOf(found).find((it) => it.id === id);
  if (!question) throw new Error(`no question ${id}`);
  const onSave = jest.fn(() => Promise.resolve());
  const onNext = jest.fn();
  render(
    <QuestionScreen
      place={found}
      judgement={judgement}
      question={question}
      given={undefined}
      progress="1 of 2"
      note=""
      nextName="pull test"
      onSave={onSave}
      onNext={onNext}
      onBack={jest.fn()}
      onLeave={jest.fn()}
      {...more}
    />,
  );
  return { onSave, onNext };
}

const press = (name: string | RegExp) => fireEvent.click(screen.getByRole('button', { name }));

test('what a figure means is said while it is typed', () => {
  show('n2~ground.gap');
  expect(screen.getByText('Last: 34 mm')).toBeTruthy();
  press('3');
  press('0');
  expect(screen.getByText('Mink, stoats and rats pass')).toBeTruthy();
  expect(screen.getByText('Last: 34 mm, now better')).toBeTruthy();
});

test('the button names the next thing and saves what was typed, as entered', async () => {
  const { onSave, onNext } = show('n2~ground.gap');
  press('Next: pull test');
  expect(onNext).toHaveBeenCalledTimes(1);
  press('to inches');
  press('1');
  press('3/8 inch');
  press('Save, then pull test');
  await waitFor(() => expect(onSave).toHaveBeenCalledTimes(1));
  expect(onSave).toHaveBeenCalledWith({
    item: 'n2',
    attribute: 'ground.gap',
    how: 'measured',
    value: { is: 34.925, entered: '1 3/8 in' },
  });
});

test('as last is exactly what stands in the record, in whatever units the place is', async () => {
  const { onSave } = show('n2~ground.gap', { place: { ...found, units: 'imperial' } });
  expect(screen.getByText('Last: 1 5/16 in')).toBeTruthy();
  press(/^As last time/);
  press('Save, then pull test');
  await waitFor(() =>
    expect(onSave).toHaveBeenCalledWith(
      expect.objectContaining({ value: { is: 34, entered: '34 mm' } }),
    ),
  );
});

test('a reading that cannot be is refused and stays to be corrected', () => {
  const { onSave, onNext } = show('n2~ground.gap');
  for (const digit of '5000') press(digit);
  press('Save, then pull test');
  expect(screen.getByRole('alert')).toBeTruthy();
  expect(screen.getByText(/5\.0 m is more than this can be/)).toBeTruthy();
  expect(screen.getByDisplayValue('5000')).toBeTruthy();
  expect(onSave).not.toHaveBeenCalled();
  expect(onNext).not.toHaveBeenCalled();
});

test('a reading that could not be stored is said, and can be pressed again', async () => {
  const onSave = jest
    .fn<Promise<void>, []>()
    .mockRejectedValueOnce({ trouble: 'full' })
    .mockResolvedValueOnce(undefined);
  show('n2~ground.gap', { onSave });
  press('9');
  press('Save, then pull test');
  expect(await screen.findByText(/storage is full/)).toBeTruthy();
  expect(screen.getByDisplayValue('9')).toBeTruthy();
  press('Save, then pull test');
  await waitFor(() => expect(onSave).toHaveBeenCalledTimes(2));
});

test('mesh is chosen from what it looks like, with what it clears', async () => {
  const { onSave } = show('n2-low-1~layer.mesh');
  fireEvent.click(screen.getByRole('radio', { name: /25 mm hex netting/ }));
  expect(screen.getByText('Stoats and rats pass')).toBeTruthy();
  press('Save, then pull test');
  await waitFor(() =>
    expect(onSave).toHaveBeenCalledWith(expect.objectContaining({ value: { is: 'hex-25' } })),
  );
});

test('fractions: one a length, deleted whole', () => {
  expect(withFraction('1', '3/8')).toBe('1 3/8');
  expect(withFraction('1 3/8', '1/2')).toBe('1 1/2');
  expect(withFraction('', '1/2')).toBe('1/2');
  expect(withoutLast('1 3/8')).toBe('1');
  expect(withoutLast('34')).toBe('3');
});

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react';
import { samphireYard } from '../../../demo/samphire-yard';
import { judge } from '@/core/score/judge';
import { questionsOf } from '@/core/walk/questions';
import { ChangedSince } from '@/store/change-yard';
import { keepDraft } from '@/store/drafts';
import { withFraction, withoutLast, withRange, withSixteenth } from './Keypad';
import { QuestionScreen, type QuestionProps } from './QuestionScreen';

const { place, walks } = samphireYard;
const judgement = judge(place, walks);
const found = judgement.found.place;

function show(id: string, more: Partial<QuestionProps> = {}) {
  const question = questionsOf(found).find((it) => it.id === id);
  if (!question) throw new Error(`no question ${id}`);
  const onSave = jest.fn((_readings: readonly unknown[]) => Promise.resolve());
  const onNext = jest.fn();
  const client = new QueryClient();
  const wrapper = ({ children }: { readonly children: ReactNode }) => (
    <QueryClientProvider client={client}>{children}</QueryClientProvider>
  );
  render(
    <QuestionScreen
      place={found}
      judgement={judgement}
      question={question}
      given={undefined}
      where="north 2"
      progress="1 of 2"
      note=""
      nextName="pull test"
      onSave={onSave}
      onNext={onNext}
      onBack={jest.fn()}
      onLeave={jest.fn()}
      {...more}
    />,
    { wrapper },
  );
  return { onSave, onNext };
}

// What is half typed is kept beyond the screen: each test begins with nothing typed.
beforeEach(() => {
  for (const { id } of questionsOf(found)) keepDraft(found.id, id, undefined);
});

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
  // The unit stays as last used, by place.
  const { onSave, onNext } = show('n2~ground.gap', { place: { ...found, id: 'in-inches' } });
  press('Next: pull test');
  expect(onNext).toHaveBeenCalledTimes(1);
  press('to inches');
  press('1');
  press('3/8 inch');
  press('Save, then pull test');
  await waitFor(() => expect(onSave).toHaveBeenCalledTimes(1));
  expect(onSave).toHaveBeenCalledWith([
    {
      item: 'n2',
      attribute: 'ground.gap',
      how: 'measured',
      value: { is: 34.925, entered: '1 3/8 in' },
    },
  ]);
});

test('as last is exactly what stands in the record, in whatever units the place is', async () => {
  const { onSave } = show('n2~ground.gap', { place: { ...found, units: 'imperial' } });
  expect(screen.getByText('Last: 1 5/16 in')).toBeTruthy();
  press('Still as last time: 1 5/16 in');
  await waitFor(() =>
    expect(onSave).toHaveBeenCalledWith([
      expect.objectContaining({ value: { is: 34, entered: '34 mm' }, how: 'measured' }),
    ]),
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
    expect(onSave).toHaveBeenCalledWith([expect.objectContaining({ value: { is: 'hex-25' } })]),
  );
});

test('fractions: one a length, deleted whole', () => {
  expect(withFraction('1', '3/8')).toBe('1 3/8');
  expect(withFraction('1 3/8', '1/2')).toBe('1 1/2');
  expect(withFraction('', '1/2')).toBe('1/2');
  expect(withSixteenth('1 3/8')).toBe('1 7/16');
  expect(withSixteenth('1 7/16')).toBe('1 3/8');
  expect(withSixteenth('')).toBe('1/16');
  expect(withSixteenth('1 1/16')).toBe('1');
  expect(withoutLast('1 3/8')).toBe('1');
  expect(withoutLast('34')).toBe('3');
});

const twin = (value: number) => ({
  question: questionsOf(found).find((it) => it.id === 'n2~ground.gap')!,
  reading: {
    id: 'r',
    item: 'n1',
    attribute: 'ground.gap',
    at: '2026-11-26T09:00:00.000Z',
    how: 'measured',
    value: { is: value },
  } as const,
  bay: 'n1',
});

test('as the bay before is one tap, and says that it was not measured', async () => {
  const { onSave } = show('n2~ground.gap', { sameAs: twin(12) });
  press('As north 1: 12 mm');
  await waitFor(() =>
    expect(onSave).toHaveBeenCalledWith([
      {
        item: 'n2',
        attribute: 'ground.gap',
        value: { is: 12 },
        how: 'estimated',
        note: 'as at north 1',
      },
    ]),
  );
});

test('the rest of the bay is offered only where there is more than one reading of it', async () => {
  const one = { sameAs: twin(12), rest: [twin(12)] };
  show('n2~ground.gap', one);
  expect(screen.queryByRole('button', { name: /^The rest of this bay/ })).toBeNull();
  cleanup();
  const { onSave } = show('n2~ground.gap', { ...one, rest: [twin(12), twin(12)] });
  press('The rest of this bay as north 1 (2 readings)');
  await waitFor(() => expect(onSave).toHaveBeenCalledTimes(1));
  expect(onSave.mock.calls[0]).toHaveLength(1);
});

test('a note and how it was taken are kept with the reading; alone they are a reading too', async () => {
  const { onSave } = show('n2~ground.gap');
  press('Note');
  fireEvent.change(screen.getByLabelText('Note to this reading'), {
    target: { value: ' by the root ' },
  });
  press('How it was taken: measured');
  press('estimated');
  press('9');
  press('Save, then pull test');
  await waitFor(() =>
    expect(onSave).toHaveBeenCalledWith([
      expect.objectContaining({ how: 'estimated', note: 'by the root' }),
    ]),
  );
  cleanup();
  // Storing it ends what was typed.
  keepDraft(found.id, 'n2~ground.gap', undefined);
  const given = { ...twin(9).reading, item: 'n2', value: { is: 9, entered: '9 mm' } };
  const again = show('n2~ground.gap', { given });
  press('How it was taken: measured');
  press('probed');
  press('Save, then pull test');
  await waitFor(() =>
    expect(again.onSave).toHaveBeenCalledWith([
      expect.objectContaining({ how: 'probed', value: { is: 9, entered: '9 mm' } }),
    ]),
  );
});

test('a gauge gives a range, marked as an estimate; what it means is said of its worse end', async () => {
  const { onSave } = show('n2~ground.gap');
  press('How it was taken: measured');
  press('As wide as a finger: 14 to 20 mm');
  expect(screen.getByText(/rats pass/)).toBeTruthy();
  press('Save, then pull test');
  await waitFor(() =>
    expect(onSave).toHaveBeenCalledWith([
      expect.objectContaining({
        how: 'estimated',
        value: { from: 14, to: 20, entered: '14 to 20 mm' },
      }),
    ]),
  );
});

test('a depth is probed unless it is said otherwise', () => {
  const question = questionsOf(found).find(({ attribute }) => attribute === 'skirt.depth');
  show(question?.id ?? '');
  expect(screen.getByRole('button', { name: 'How it was taken: probed' })).toBeTruthy();
});

test('putting off, and undoing, are offered only where they can be done', () => {
  show('n2~ground.gap');
  expect(screen.queryByRole('button', { name: 'Put this stop off' })).toBeNull();
  expect(screen.queryByRole('button', { name: 'Undo the last reading' })).toBeNull();
  cleanup();
  const onPutOff = jest.fn(() => Promise.resolve());
  const onUndo = jest.fn(() => Promise.resolve());
  show('n2~ground.gap', { onPutOff, onUndo });
  press('Put this stop off');
  press('Another day');
  expect(onPutOff).toHaveBeenCalledWith('another-day');
  press('Undo the last reading');
  expect(onUndo).toHaveBeenCalledTimes(1);
});

test.each([
  ['PageDown', 'onNext'],
  ['PageUp', 'onBack'],
  ['Escape', 'onLeave'],
] as const)('%s is %s, from inside the reading too', (name, call) => {
  const act = jest.fn();
  show('n2~ground.gap', { [call]: act });
  fireEvent.keyDown(screen.getByRole('textbox'), { key: name });
  expect(act).toHaveBeenCalledTimes(1);
});

test('= and * save from the keyboard; a note keeps its keys', async () => {
  const { onSave } = show('n2~ground.gap');
  press('Note');
  fireEvent.keyDown(screen.getByLabelText('Note to this reading'), { key: '=' });
  expect(onSave).not.toHaveBeenCalled();
  fireEvent.keyDown(document.body, { key: '*' });
  await waitFor(() =>
    expect(onSave).toHaveBeenCalledWith([expect.objectContaining({ value: 'cannot-tell' })]),
  );
});

test('a range is typed with one key, and a fraction belongs to its own end', () => {
  expect(withFraction('1 to 1', '1/2')).toBe('1 to 1 1/2');
  expect(withFraction('1 1/4 to ', '1/2')).toBe('1 1/4 to 1/2');
  expect(withoutLast('30 to ')).toBe('30');
  expect([withRange('30'), withRange('30 to 4'), withRange('')]).toEqual(['30 to ', '30 to 4', '']);
});

test('Ctrl Z undoes the last reading while nothing is typed, and only then', () => {
  const onUndo = jest.fn(() => Promise.resolve());
  show('n2~ground.gap', { onUndo });
  const field = screen.getByRole('textbox');
  fireEvent.keyDown(field, { key: 'z', ctrlKey: true });
  expect(onUndo).toHaveBeenCalledTimes(1);
  press('9');
  fireEvent.keyDown(field, { key: 'z', ctrlKey: true });
  // Shift is redo, which is not this screen's.
  fireEvent.keyDown(document.body, { key: 'Z', ctrlKey: true, shiftKey: true });
  expect(onUndo).toHaveBeenCalledTimes(1);
});

test('what could not be undone or put off is said, and nothing is lost', async () => {
  const onUndo = jest.fn(() => Promise.reject(new ChangedSince()));
  const onPutOff = jest.fn(() => Promise.reject({ trouble: 'full' }));
  show('n2~ground.gap', { onUndo, onPutOff });
  press('9');
  press('Undo the last reading');
  expect(await screen.findByText(/changed again since, in another tab/)).toBeTruthy();
  press('Put this stop off');
  press('Another day');
  expect(await screen.findByText(/storage is full/)).toBeTruthy();
  expect(screen.getByDisplayValue('9')).toBeTruthy();
});

test('once something is typed, one-tap readings are off: the keys too', () => {
  const { onSave } = show('n2~ground.gap', { sameAs: twin(12) });
  press('9');
  expect(screen.queryByRole('button', { name: /^Still as last time/ })).toBeNull();
  for (const key of ['=', '+']) fireEvent.keyDown(screen.getByRole('textbox'), { key });
  expect(onSave).not.toHaveBeenCalled();
});

test('a key begins anew on a figure that stood there whole: what was read before, a chip', () => {
  const question = questionsOf(found).find((it) => it.id === 'n2~ground.gap');
  if (!question) throw new Error('no question');
  show('n2~ground.gap', {
    given: {
      id: 'r',
      item: 'n2',
      attribute: 'ground.gap',
      at: '2026-11-26T10:00:00Z',
      how: 'measured',
      value: { is: 34, entered: '34 mm' },
    },
  });
  expect(screen.getByDisplayValue('34')).toBeTruthy();
  press('7');
  expect(screen.getByDisplayValue('7')).toBeTruthy();
  press('25');
  expect(screen.getByDisplayValue('25')).toBeTruthy();
  press('8');
  press('0');
  expect(screen.getByDisplayValue('80')).toBeTruthy();
});

test('a fraction with millimetres set is asked back, and answered in one tap', () => {
  const { onSave } = show('n2~ground.gap');
  fireEvent.change(screen.getByDisplayValue(''), { target: { value: '1-11/16' } });
  press('Save, then pull test');
  expect(screen.getByText(/do you mean 1-11\/16 in\?/)).toBeTruthy();
  press('1-11/16 in');
  press('Save, then pull test');
  expect(onSave).toHaveBeenCalledWith([
    expect.objectContaining({ value: { is: 42.8625, entered: '1-11/16 in' } }),
  ]);
});

import { fireEvent, render, screen } from '@testing-library/react';
import type { YearSpan } from '@/core/place/year-span';
import { LengthField } from './LengthField';
import { NumberField } from './NumberField';
import { SeasonFields } from './SeasonFields';
import { TextField } from './TextField';

function type(label: string, text: string): void {
  const field = screen.getByLabelText(label);
  fireEvent.change(field, { target: { value: text } });
  fireEvent.blur(field);
}

describe('a length', () => {
  const show = (onChange = jest.fn()) => {
    render(
      <LengthField
        label="Width"
        mm={1200}
        entered={undefined}
        units="metric"
        longest={5000}
        onChange={onChange}
      />,
    );
    return onChange;
  };

  test('is taken over as typed when the field is left', () => {
    const onChange = show();
    type('Width', '1.3 m');
    expect(onChange).toHaveBeenCalledWith({ mm: 1300, entered: '1.3 m' });
  });

  test.each([
    ['wide', /not a length/],
    ['-3', /less than nothing/],
    ['9 m', /more than this can be/],
  ])('“%s” is refused in a sentence, and stays to be put right', (text, sentence) => {
    const onChange = show();
    type('Width', text);
    expect(onChange).not.toHaveBeenCalled();
    expect(screen.getByText(sentence)).toBeTruthy();
    expect(screen.getByLabelText('Width')).toHaveProperty('value', text);
    type('Width', '1.4 m');
    expect(onChange).toHaveBeenCalledTimes(1);
    expect(screen.queryByText(sentence)).toBeNull();
  });

  test('left as it was, nothing is changed', () => {
    const onChange = show();
    type('Width', '1200 mm');
    expect(onChange).not.toHaveBeenCalled();
  });
});

test('a number is whole where it must be, and may be emptied', () => {
  const onChange = jest.fn();
  render(<NumberField label="Nights" value={3} least={0} most={366} whole onChange={onChange} />);
  for (const bad of ['2.5', '-1', '400', 'few']) {
    type('Nights', bad);
    expect(screen.getByText('A whole number from 0 to 366.')).toBeTruthy();
  }
  expect(onChange).not.toHaveBeenCalled();
  type('Nights', '');
  expect(onChange).toHaveBeenCalledWith(undefined);
});

test('a number that something else refuses stays as typed, with what stands in its way', () => {
  const onChange = jest.fn();
  const refuse = (it: number) => (it > 4 ? 'More than the other.' : undefined);
  render(
    <NumberField label="Volts" value={3} least={0} most={15} refuse={refuse} onChange={onChange} />,
  );
  type('Volts', '5');
  expect(onChange).not.toHaveBeenCalled();
  expect(screen.getByText('More than the other.')).toBeTruthy();
  expect(screen.getByLabelText('Volts')).toHaveProperty('value', '5');
  type('Volts', '3.5');
  expect(onChange).toHaveBeenCalledWith(3.5);
});

test('a name is needed, and not longer than can be kept', () => {
  const onChange = jest.fn();
  render(<TextField label="Name" text="hut" most={80} onChange={onChange} />);
  type('Name', '  ');
  expect(screen.getByText('It needs a name.')).toBeTruthy();
  type('Name', 'x'.repeat(500));
  expect(screen.getByText('At most 80 letters; this has 500.')).toBeTruthy();
  type('Name', ' 🐓 <b> ');
  expect(onChange).toHaveBeenCalledTimes(1);
  expect(onChange).toHaveBeenCalledWith('🐓 <b>');
});

test('a season is a day of the year to another, or all year; of two days changed before either is kept neither is lost', () => {
  const drawn: YearSpan = { from: '11-01', to: '03-31' };
  let on: YearSpan | undefined = drawn;
  const onChange = jest.fn((work: (it: YearSpan | undefined) => YearSpan | undefined) => {
    on = work(on);
  });
  render(<SeasonFields on={drawn} onChange={onChange} />);
  type('On from', '15 Oct');
  expect(on).toEqual({ from: '10-15', to: '03-31' });
  type('to', '20 Feb');
  expect(on).toEqual({ from: '10-15', to: '02-20' });
  type('to', '31 Feb');
  expect(screen.getByText(/“31 Feb” is no day of the year/)).toBeTruthy();
  fireEvent.click(screen.getByRole('button', { name: 'On all year again' }));
  expect(on).toBeUndefined();
});

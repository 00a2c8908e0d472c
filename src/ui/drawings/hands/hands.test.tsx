import { render } from '@testing-library/react';
import { attributeIds, attributes } from '@/core/attributes';
import { ChoicePicture } from '../ChoicePicture';
import { HandsDrawing } from './HandsDrawing';

const drawn = (it: React.ReactElement): string => {
  const { container, unmount } = render(it);
  const text = container.innerHTML;
  unmount();
  return text;
};

test('every reading has a drawing of what to do, hidden from screen readers: the words say it', () => {
  for (const attribute of attributeIds) {
    const text = drawn(<HandsDrawing attribute={attribute} />);
    expect(text).toMatch(/<(path|rect|line|circle)/);
    expect(text).toContain('aria-hidden="true"');
  }
});

test('a door is pulled, a pop door is lifted, a lid is lifted: three drawings', () => {
  const of = (opening: 'door' | 'pop-door' | 'lid') =>
    drawn(<HandsDrawing attribute="opening.gapPulled" opening={opening} />);
  expect(new Set([of('door'), of('pop-door'), of('lid')]).size).toBe(3);
});

test.each([
  'latch.kind',
  'bay.fixing',
  'bay.condition',
  'ground.soil',
  'strand.touching',
  'layer.mesh',
] as const)('every answer of %s looks unlike the others', (attribute) => {
  const kind = attributes[attribute];
  if (kind.value !== 'choice') throw new Error('a choice');
  const looks = kind.choices.map((choice) =>
    drawn(<ChoicePicture attribute={attribute} choice={choice} />),
  );
  for (const look of looks) expect(look).toContain('<svg');
  // Some meshes are woven alike at this size; latches of the same movements look alike.
  const least =
    attribute === 'layer.mesh' || attribute === 'latch.kind' ? looks.length / 2 : looks.length;
  expect(new Set(looks).size).toBeGreaterThanOrEqual(least);
});

test('an answer that is words only has no picture', () => {
  expect(drawn(<ChoicePicture attribute="check.branches" choice="yes" />)).not.toContain('<svg');
});

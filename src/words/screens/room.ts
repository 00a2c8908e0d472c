/** What is said of room for the birds. */
import { spoken } from '../language';

export const roomText = spoken('room', {
  room: 'Room for them',
  why: 'Two schools, side by side. A bantam counts as six tenths of a hen, a duck as a hen and a fifth. It moves no hold and no way in.',
  roomOf: (kind: string) => `Room for a hen: ${kind}`,
  words: 'room crowded floor run perch roost nest vent air crowding flock',
  aBirdAsHens: 'A bird as so many hens',
  perch: 'Perches, all together',
  nests: 'Nest boxes',
  inside: 'What is in it',
});

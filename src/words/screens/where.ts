/** What is said where a keeper tells where the place stands. */
import { spoken } from '../language';

export const whereText = spoken('where', {
  whereItIs: 'Where it is',
  whichPartOf: (landName: string) => `Which part of ${landName}`,
  whatStandsRoundIt: 'What stands round it',
  soThatOnlyThoseAre: 'Both decide who is reckoned with to begin with; you can say otherwise.',
});

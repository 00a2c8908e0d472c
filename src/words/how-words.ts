/** The judgement in plain words. Each line stands in the core as a rule. */

export const steps: readonly string[] = [
  'What was read on every walk is laid over the place, oldest first. What nobody has read may be anything: every figure is worked out twice, with all of it shut and with all of it open.',
  'For every bay, every animal and every attack the reading is held against the figure that is enough. What comes out is a rung: open, minutes, about an hour, a night, or it holds. Layers one behind the other add.',
  'From outside to where the birds are, the easiest way through all barriers is searched for, by every outermost bay. Electric strands turn a share of the tries back.',
  'Under an hour is a way in, neighbouring bays with the same cause counted once. From there to a night is a slow way. What comes less than once a year is not counted.',
  'The chance that a visit gets to the birds is exp(−minutes ÷ patience) × (1 − what strands turn back).',
  'How often each comes is reckoned from where you are, what lies near and the month, and moved by your log. “Never” is your word and counts as zero.',
  'Hold is the share of the threat that the place turns away: 1 − Σ w × chance ÷ Σ w, where w is visits × birds taken by one of them. Its range closes as things are read.',
  'Four scenarios are judged apart: a night with everything shut, a night on which the round was forgotten, the day in the run, and ranging. Tonight blends the first two by the chance of a missed round.',
  'A year’s losses add up all scenarios and months. They weigh mends against each other.',
  'The plan goes through the sets of mends for the one that leaves the fewest birds to be taken for your money and hours, on what was read for sure; of like ones that with less work. It leaves out only what is proved to do no better.',
];

export const limits: readonly string[] = [
  'Most openings an animal passes were never measured: figures are bands, and between the figure used and the stricter one it is in doubt, and said so.',
  'Every citation is recalled from memory and wants looking up before anything is built on it.',
  'It sees only what was read. A hole nobody looked for is an unread one.',
  'It counts animals as ordinary ones. A single bold, hungry or large one does more.',
  'A-frames and hoops are judged as upright walls of their height. A swinging door’s sag shows only in its gap when pulled.',
  'Noise, light, scent, a dog or a cockerel close no gap: each lowers visits a little, and no more.',
];

/** Each stands in the core beside the rule that uses it. */
export const assumptions: readonly string[] = [
  'What is open counts 0 minutes, a few minutes 5, an hour 60, a night 480; layers add.',
  'Patience, visits and birds taken are ours for every animal.',
  'Under an hour is a way in, unless strands turn back four tries in five; from there to a night a slow way, if one visit in ten would last it out.',
  'Mesh in the ground or a top edge that reaches three quarters of what is enough counts as a night, half as an hour, less as minutes; stony soil a step better, fresh digging a step worse.',
  'An opening three times as long as its figure is a slot; a shorter one lies between slot and hole.',
  'Rust and rot take a class of strength, failing cover two. Sound boards are gnawed in a night, worn ones in an hour.',
  'By day birds stand no higher than 600 mm (fine mesh to the knee is common practice).',
  'A frame with twice an animal’s force on its edge does not rise at all.',
  'A strand counts within 50 mm of its height and never turns back more than 98 in 100; grass, snow or mesh on the line leave a half, a quarter, a tenth.',
  'Each thing near that draws an animal doubles its visits, its months add half, and they are spread evenly over the hours it keeps.',
  'A camera night counts 0.8 of a watched night, your own eyes 0.15.',
  'A day has twelve hours of light; somebody at home keeps seven visits in ten away.',
  'Rounds on record weigh against fifty of the starting figure. Of several doors one person forgets all at once, save as often as the log has seen one forgotten alone.',
  'Prices and minutes of work are round sums. A spot that holds for a night is on no mend’s list. A mend is reckoned just as good as it is asked for.',
  'A gap over 1 m, mesh over 300 mm or a skirt over 2 m is taken for a slip.',
];

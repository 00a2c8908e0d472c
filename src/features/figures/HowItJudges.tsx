/** How the judgement works, and what in it is an assumption of ours. */
import { Txt } from '@/ui/controls/Txt';

export function HowItJudges() {
  return (
    <>
      <Txt tone="ink2">
        Each figure stands beside its source and one of three marks: published (recalled from
        memory), common practice, assumption of ours. A place is judged by the figure marked used;
        mends are made to the stricter one; in between it is in doubt, and said so.
      </Txt>
      <Txt tone="ink2">
        Hold is the share of the threat a place turns away: 1 − Σ w × chance ÷ Σ w, where w is
        visits × birds taken by one of them, and chance = exp(−minutes ÷ patience) × (1 − what
        strands turn back) along the weakest route. What is open counts 0 minutes, a few minutes 5,
        an hour 60, a night 480; layers add.
      </Txt>
      <Txt tone="ink2">
        Assumptions of ours: those minutes, patience, visits and birds taken. Mesh in the ground or
        a top edge that reaches three quarters of what is enough counts as a night, half as an hour,
        less as minutes; stony soil a step better, fresh digging a step worse. Sound boards are
        gnawed in a night, worn ones in an hour. Rust and rot take a class of strength, failing
        cover two. Under an hour is a way in unless strands turn back four tries in five; from there
        to a night a slow way if one visit in ten would last it out. A strand counts within 50 mm of
        its height. A camera night counts 0.8 of a watched night, your own eyes 0.15. A gap over 1
        m, mesh over 300 mm or a skirt over 2 m is taken for a slip.
      </Txt>
      <Txt tone="ink2">
        Also ours: an opening more than three times as long as wide is a slot; by day birds stand no
        higher than 600 mm (fine mesh to the knee is common practice); a day has twelve hours of
        light; somebody at home keeps seven visits in ten away; an animal’s visits are spread evenly
        over the hours it keeps; each thing near that draws it doubles them, its months add half;
        rounds on record weigh against fifty of the starting figure; a frame with twice an animal’s
        force on its edge does not rise at all; strands never turn back more than 98 in 100, and
        grass, snow or mesh on the line leave a half, a quarter, a tenth of that.
      </Txt>
    </>
  );
}

/** By which outermost bays an animal gets to the birds, and how quickly. */
import { getOrMake, answersBy } from '../memo';
import type { BayId } from '../place/place';
import type { FaceRoutes } from '../routes/animal-routes';
import { paceOf, type Pace } from '../routes/pace';

type Paces = ReadonlyMap<BayId, Pace>;

const answers = answersBy<FaceRoutes, Paces>();

/** Of all these walls; a bay that nothing comes by is absent. */
export function pacesBy(faces: readonly FaceRoutes[]): Paces {
  return new Map(faces.flatMap((face) => [...getOrMake(answers, face, () => workOut(face))]));
}

/** One route begins at each outer bay, and none at an inner one. */
const workOut = ({ routes }: FaceRoutes): Paces =>
  new Map(
    routes.flatMap((route): [BayId, Pace][] => {
      const pace = paceOf(route);
      return pace ? [[route.steps[0].bay.id, pace]] : [];
    }),
  );

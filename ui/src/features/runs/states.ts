import type { Run } from '../../server/types';

export const stateWords: Record<Run['state'], string> = {
  PLANNED: 'planned',
  ON_BENCH: 'on the bench',
  FINISHED: 'finished',
};

import type { Batch } from '../../server/types';

export const stateWords: Record<Batch['state'], string> = {
  PLANNED: 'planned',
  ON_BENCH: 'on the bench',
  FINISHED: 'finished',
};

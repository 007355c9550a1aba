import { Navigate } from 'react-router';
import { useBatches, useDesigns } from '../../server/use-studio';

/** Where the studio is entered: at the bench, or where a first plan is made while there is nothing yet. */
export function Home() {
  const nothing = useBatches().length + useDesigns().length === 0;
  return <Navigate to={nothing ? '/begin' : '/bench'} replace />;
}

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { createBrowserRouter, RouterProvider } from 'react-router';
import { BeginPlace } from './features/beginning/begin-place';
import { Home } from './features/beginning/home';
import { BenchPlace } from './features/bench/bench-place';
import { FindPlace } from './features/mixes/find-place';
import { LeftoversPlace } from './features/mixes/leftovers-place';
import { MixesPlace } from './features/mixes/mixes-place';
import { TilesPlace } from './features/mixes/tiles-place';
import { TrialsPlace } from './features/mixes/trials-place';
import { OvenPlace } from './features/oven/oven-place';
import { DaybookPlace } from './features/daybook/daybook-place';
import { DesignScreen } from './features/designs/design-screen';
import { DesignsPlace } from './features/designs/designs-place';
import { BatchScreen } from './features/batches/batch-screen';
import { BatchesPlace } from './features/batches/batches-place';
import { SheetsPlace } from './features/sheets/sheets-place';
import { ShelfPlace } from './features/shelf/shelf-place';
import { SettingsPlace } from './features/settings/settings-place';
import { PricePlace } from './features/price/price-place';
import { Frame } from './frame/frame';
import { Lost } from './frame/lost';
import { Trouble } from './frame/trouble';
import { beginChanges } from './server/changes';
import { Problem } from './server/client';
import { readAhead } from './server/read-ahead';

const client = new QueryClient({
  defaultOptions: {
    queries: {
      retry: (times, failure) => times < 2 && failure instanceof Problem && failure.status === 0,
      staleTime: 2_000,
    },
  },
});

beginChanges(client);
readAhead(client, location.pathname);

const router = createBrowserRouter([
  {
    path: '/',
    element: <Frame />,
    errorElement: <Trouble />,
    children: [
      {
        errorElement: <Trouble />,
        children: [
          { index: true, element: <Home /> },
          { path: 'begin', element: <BeginPlace /> },
          { path: 'bench', element: <BenchPlace /> },
          { path: 'designs', element: <DesignsPlace /> },
          { path: 'designs/:id/:tab?', element: <DesignScreen /> },
          { path: 'mixes/find', element: <FindPlace /> },
          { path: 'mixes/tiles', element: <TilesPlace /> },
          { path: 'mixes/leftovers', element: <LeftoversPlace /> },
          { path: 'mixes/trials/:id?', element: <TrialsPlace /> },
          { path: 'mixes/sheets/:tool?', element: <SheetsPlace /> },
          { path: 'mixes/:id?', element: <MixesPlace /> },
          { path: 'batches', element: <BatchesPlace /> },
          { path: 'batches/:id/:station?', element: <BatchScreen /> },
          { path: 'oven/:kind?/:id?', element: <OvenPlace /> },
          { path: 'price/:id?', element: <PricePlace /> },
          { path: 'shelf/:tab?/:id?', element: <ShelfPlace /> },
          { path: 'daybook/:tab?', element: <DaybookPlace /> },
          { path: 'settings', element: <SettingsPlace /> },
          { path: '*', element: <Lost /> },
        ],
      },
    ],
  },
]);

export function App() {
  return (
    <QueryClientProvider client={client}>
      <RouterProvider router={router} />
    </QueryClientProvider>
  );
}

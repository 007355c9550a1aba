import { Suspense, useEffect, useState } from 'react';
import { Outlet, useNavigate } from 'react-router';
import { useKeysOff } from '../controls/use-flag';
import { useBench, useBenchActs, useUndo } from '../server/use-bench';
import { useLastLoss } from '../server/last-loss';
import { worksTogether } from '../server/maker';
import { useProbesLive } from '../server/use-record';
import { choicesOf, useLimits } from '../server/use-limits';
import { useSettings } from '../server/use-studio';
import { useUnsaved } from '../server/use-unsaved';
import { chooseUnits } from '../words/units';
import { BenchBar } from './bench-bar';
import { Finder } from './finder';
import { KeyList } from './key-list';
import { answerLoss, LossStrip } from './loss-strip';
import { OvenAlarms } from './oven-alarms';
import { places } from './places';
import { Rail } from './rail';
import { RouteAnnouncer } from './route-announcer';
import { Spine } from './spine';
import { TroubleStrip } from './trouble-strip';
import { UnsavedStrip } from './unsaved-strip';
import { useDoublePress } from './use-double-press';
import { useKeys } from './use-keys';

const NARROW_PX = 1000;

/** What is on every screen: the rail, the spine, the bench bar, and between them the place. */
export function Frame() {
  const [floating, setFloating] = useState<'finder' | 'keys' | null>(null);
  const [spineOpen, setSpineOpen] = useState(() => window.innerWidth >= NARROW_PX);
  const go = useNavigate();
  const { settings } = useSettings();
  chooseUnits(settings.units ?? {});
  const { job, makers } = useBench().bench;
  const acts = useBenchActs();
  const { undo, redo } = useUndo();
  const loss = useLastLoss();
  const limits = useLimits();
  const [keysOff] = useKeysOff();
  useEffect(() => worksTogether(makers), [makers]);
  useProbesLive();
  useUnsaved();
  useDoublePress();

  useKeys((key) => {
    if (floating || keysOff) return false;
    const place = places.find((p) => p.key === key);
    if (place) void go(place.path);
    else if (key === '/') setFloating('finder');
    else if (key === '?') setFloating('keys');
    else if (loss && answerLoss(loss, choicesOf(limits, 'lossReason'), key, acts.because.mutate)) return true;
    else if (key === ' ' && job && !job.forgotten) acts.timer.mutate({ running: !job.startedAt });
    else if (key === '.' && job) acts.count.mutate(1);
    else if (key === 'i' && job?.startedAt && !job.forgotten) acts.interrupt.mutate(undefined);
    else if (key === 'x' && job) acts.lose.mutate(undefined);
    else if (key === 'u') undo();
    else if (key === 'U') redo();
    else return false;
    return true;
  });

  return (
    <div className="flex h-dvh overflow-hidden">
      <a
        href="#page"
        className="sr-only rounded-small bg-paper px-3 py-2 font-semibold focus:not-sr-only focus:absolute focus:top-1 focus:left-1 focus:z-50"
        onClick={(event) => {
          event.preventDefault();
          document.getElementById('page')?.focus();
        }}
      >
        Skip to the page
      </a>
      <div className="flex min-w-0 flex-1 flex-col">
        <Rail onFind={() => setFloating('finder')} onKeys={() => setFloating('keys')} />
        <main id="page" tabIndex={-1} className="relative min-h-0 flex-1 overflow-y-auto outline-none">
          <Suspense fallback={<p className="p-5 text-soft">Loading …</p>}>
            <Outlet />
          </Suspense>
        </main>
        <OvenAlarms />
        <TroubleStrip />
        <UnsavedStrip />
        <LossStrip />
        <BenchBar />
      </div>
      <Spine open={spineOpen} onToggle={() => setSpineOpen((open) => !open)} />
      <Finder open={floating === 'finder'} onClose={() => setFloating(null)} />
      <RouteAnnouncer />
      <KeyList open={floating === 'keys'} onClose={() => setFloating(null)} />
    </div>
  );
}

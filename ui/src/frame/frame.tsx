import { Suspense, useEffect, useState } from 'react';
import { Outlet, useNavigate } from 'react-router';
import { useShortcuts } from '../controls/shortcuts';
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
import { Rail } from './rail';
import { RouteAnnouncer } from './route-announcer';
import { Spine } from './spine';
import { TroubleStrip } from './trouble-strip';
import { UnsavedStrip } from './unsaved-strip';
import { useDoublePress } from './use-double-press';
import { useKeptScroll } from './use-kept-scroll';
import { useKeys } from './use-keys';

const NARROW = matchMedia('(width < 1000px)');

/** Whether the oven strip is open, and how to turn that: where a window or a turned tablet becomes narrow it is closed until it is asked for. */
function useSpineOpen() {
  const [narrow, setNarrow] = useState(NARROW.matches);
  const [besides, setBesides] = useState(true);
  const [over, setOver] = useState(false);
  useEffect(() => {
    const turned = () => {
      setNarrow(NARROW.matches);
      setOver(false);
    };
    NARROW.addEventListener('change', turned);
    return () => NARROW.removeEventListener('change', turned);
  }, []);
  return narrow ? ([over, () => setOver(!over)] as const) : ([besides, () => setBesides(!besides)] as const);
}

/** What is on every screen: the rail, the spine, the bench bar, and between them the place. */
export function Frame() {
  const [floating, setFloating] = useState<'finder' | 'keys' | null>(null);
  const [spineOpen, turnSpine] = useSpineOpen();
  const go = useNavigate();
  const { settings } = useSettings();
  chooseUnits(settings.units ?? {});
  const { job, makers } = useBench().bench;
  const acts = useBenchActs();
  const { undo, redo } = useUndo();
  const loss = useLastLoss();
  const limits = useLimits();
  const [keysOff] = useKeysOff();
  const shortcuts = useShortcuts();
  useEffect(() => worksTogether(makers), [makers]);
  useProbesLive();
  useUnsaved();
  useDoublePress();
  useKeptScroll();

  useKeys((key) => {
    if (floating || keysOff) return false;
    if (loss && answerLoss(loss, choicesOf(limits, 'lossReason'), key, acts.because.mutate)) return true;
    const act = shortcuts.actOf(key);
    if (act?.startsWith('/')) void go(act);
    else if (act === 'find') setFloating('finder');
    else if (act === 'keys') setFloating('keys');
    else if (act === 'timer' && job && !job.forgotten) acts.timer.mutate({ running: !job.startedAt });
    else if (act === 'count' && job) acts.count.mutate(1);
    else if (act === 'interrupt' && job?.startedAt && !job.forgotten) acts.interrupt.mutate(undefined);
    else if (act === 'lose' && job) acts.lose.mutate(undefined);
    else if (act === 'undo') undo();
    else if (act === 'redo') redo();
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
      <Spine open={spineOpen} onToggle={turnSpine} />
      <Finder open={floating === 'finder'} onClose={() => setFloating(null)} />
      <RouteAnnouncer />
      <KeyList open={floating === 'keys'} onClose={() => setFloating(null)} />
    </div>
  );
}

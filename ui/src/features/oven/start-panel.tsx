import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { Button } from '../../controls/button';
import { Check } from '../../controls/check';
import { RefusedNote } from '../../controls/problem-note';
import { TextField } from '../../controls/text-field';
import { api, take } from '../../server/client';
import type { LoadItem, PlannedLoad, StartAnswer, StartQuestion } from '../../server/types';
import { count } from '../../words/figures';
import { HowMany } from './how-many';
import { useLoads } from './use-loads';
import { itemsOf } from './use-plan';

interface Props {
  load: PlannedLoad;
  ovenId: number;
  onDone: () => void;
}

/** What is said to a question: yes, or why it is skipped; with neither it is open. */
interface Said {
  yes: boolean;
  reason: string | null;
}

const OPEN: Said = { yes: false, reason: null };

/** Before a load goes in: how many of each really go in, and what the log does not say. */
export function StartPanel({ load, ovenId, onDone }: Props) {
  const planned = itemsOf(load);
  const [counts, setCounts] = useState(planned.map((item) => item.count));
  const [said, setSaid] = useState<Record<string, Said>>({});
  const [pressed, setPressed] = useState(false);
  const head = useRef<HTMLHeadingElement>(null);
  const { start } = useLoads();
  useEffect(() => head.current?.focus(), []);

  const items = planned.map((item, i) => ({ ...item, count: counts[i] ?? 0 })).filter((item) => item.count > 0);
  const body = { tempC: load.tempC, bakingMin: load.bakingMin, items, ovenId };
  const { data: questions, error } = useQuery({
    queryKey: ['start-questions', body],
    queryFn: () => take(api.POST('/api/baking/loads/questions', { body })),
    placeholderData: keepPreviousData,
    retry: false,
  });
  const saidTo = (question: StartQuestion) => said[keyOf(question, items)] ?? OPEN;
  const open = (questions ?? []).filter((q) => !isAnswered(saidTo(q)));
  const answers = (questions ?? []).map((q) => answerTo(q, saidTo(q)));

  return (
    <section
      aria-label="Before this load goes in"
      className="flex flex-col gap-2 rounded-card border-2 border-ember bg-paper p-4"
      onKeyDown={(event) => {
        if (event.key === 'Escape') onDone();
      }}
    >
      <h3 ref={head} tabIndex={-1} className="text-figure">
        Before this load goes in
      </h3>
      <ul aria-label="How many go in">
        {load.items.map((item, i) => (
          <li key={keyOfBake(planned[i])} className="flex flex-wrap items-center gap-3 border-t border-line py-1">
            <HowMany
              label={`How many of ${item.name}, ${item.batchName}`}
              value={counts[i] ?? 0}
              low={0}
              high={2000}
              onChange={(next) => setCounts(counts.map((n, k) => (k === i ? next : n)))}
            />
            <span className="min-w-0 flex-1">
              {item.name} <span className="text-soft">{item.batchName}</span>
            </span>
            <span className="text-note whitespace-nowrap text-soft">planned {item.count}</span>
          </li>
        ))}
      </ul>
      {questions?.map((question) => (
        <Question
          key={keyOf(question, items)}
          question={question}
          said={saidTo(question)}
          onSay={(next) => setSaid({ ...said, [keyOf(question, items)]: next })}
        />
      ))}
      <RefusedNote error={error} />
      <RefusedNote error={start.error} />
      {pressed && open.length > 0 && (
        <p role="alert" className="text-madder">
          <b>Not started.</b> {count(open.length, 'question')} still to answer: {open[0]?.asked}
        </p>
      )}
      <div className="flex gap-2">
        <Button
          kind="heat"
          disabled={!questions || start.isPending}
          onClick={() => {
            setPressed(true);
            if (open.length === 0) start.mutate({ ...body, answers });
          }}
        >
          Start now
        </Button>
        <Button onClick={onDone}>Cancel</Button>
      </div>
    </section>
  );
}

interface QuestionProps {
  question: StartQuestion;
  said: Said;
  onSay: (said: Said) => void;
}

function Question({ question, said, onSay }: QuestionProps) {
  const { asked, yes, skippable } = question;
  return (
    <div className="flex flex-wrap items-center gap-x-4 border-t border-line py-1">
      <p className="min-w-64 flex-1">{asked}</p>
      {said.reason === null ? (
        <>
          <Check label={yes} name={`${asked} ${yes}`} on={said.yes} onChange={(on) => onSay({ ...said, yes: on })} />
          {skippable && (
            <Button
              kind="quiet"
              adds
              aria-label={`Skip with a reason: ${asked}`}
              onClick={() => onSay({ yes: false, reason: '' })}
            >
              Skip …
            </Button>
          )}
        </>
      ) : (
        <>
          <TextField
            label={`Reason to skip: ${asked}`}
            value={said.reason}
            onChange={(reason) => onSay({ yes: false, reason })}
            onSettle={() => undefined}
            className="w-64"
          />
          <Button kind="quiet" onClick={() => onSay(OPEN)}>
            Do not skip
          </Button>
        </>
      )}
    </div>
  );
}

function isAnswered({ yes, reason }: Said) {
  return yes || (reason !== null && reason.trim() !== '');
}

function answerTo({ doubt, item, line }: StartQuestion, { reason }: Said): StartAnswer {
  return { doubt, item, line, reason: reason ?? '' };
}

function keyOfBake(item: LoadItem | undefined) {
  return item ? `${item.batchId}/${item.designId}/${item.stage}` : '';
}

/** What is asked stays answered while counts change, as long as it is the same question. */
function keyOf({ doubt, item, line, asked, yes }: StartQuestion, items: LoadItem[]) {
  return `${doubt} ${keyOfBake(items[item])} ${line} ${asked} ${yes}`;
}

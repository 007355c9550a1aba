import { Collapsible } from 'radix-ui';
import type { ReactNode } from 'react';
import type { Workings } from '../server/types';
import { useMoney } from '../server/use-studio';
import { significant } from '../words/figures';

const sources = {
  ENTERED: 'entered',
  PACKET: 'packet',
  CALIBRATED: 'calibrated',
  LEARNED: 'learned',
  CONSTANT: 'constant',
  WORKED: 'from another calculation',
};

/** A figure's working, opened under it: what was given, and each step that followed. */
export function WorkingsList({ workings }: { workings: Workings }) {
  const money = useMoney();
  return (
    <table className="w-full text-note">
      <caption className="text-left font-semibold">{workings.title}</caption>
      <tbody>
        {workings.lines.map((line) => (
          <tr key={line.symbol} className="border-t border-line">
            <th scope="row" className="py-0.5 pr-2 text-left figure font-semibold">
              {line.symbol}
            </th>
            <td className="pr-2">{line.label}</td>
            <td className="pr-2 break-words">
              {line.formula ? <span className="figure">{`=\u00a0${line.formula}`}</span> : sources[line.source]}
            </td>
            <td className="text-right figure whitespace-nowrap">
              {line.unit === 'minor' ? money(line.value) : `${significant(line.value)} ${line.unit}`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Opens a working under what it explains; where several stand on a page, `of` says of what each is. */
export function ShowWorking({ of, children }: { of?: string; children: ReactNode }) {
  return (
    <Collapsible.Root>
      <Collapsible.Trigger className="min-h-8 rounded-small px-1 text-note font-semibold text-verdigris underline decoration-dotted underline-offset-4">
        How this was worked out{of && <span className="sr-only">: {of}</span>}
      </Collapsible.Trigger>
      <Collapsible.Content className="rounded-card border border-line bg-paper p-3">{children}</Collapsible.Content>
    </Collapsible.Root>
  );
}

import type { BakeLine, DaybookLine, DaybookLineView } from '../../server/types';
import { minutesBetween } from '../../words/days';
import { count, grams, minutes, percent, plain, u, plainIn } from '../../words/figures';

/** How long a line tells of, in minutes. */
export function lasted({ line }: DaybookLineView): number {
  return line.until ? minutesBetween(line.at, line.until) : 0;
}

/** What a line tells, and below it of what. */
export function lineWords(view: DaybookLineView, reason: string): { said: string; of: string } {
  const { line, designName, batchName, mixName } = view;
  const of = [designName, batchName].filter((name) => name !== '').join(', ');
  switch (line.kind) {
    case 'TIME':
      return {
        said: `${minutes(lasted(view))} at ${line.stepName ?? ''}, ${count(line.pieces ?? 0, 'piece')}`,
        of,
      };
    case 'REWORK':
      return { said: `${minutes(lasted(view))} rework at ${line.stepName ?? ''}`, of };
    case 'INTERRUPTION':
      return { said: `interrupted for ${minutes(lasted(view))} at ${line.stepName ?? ''}`, of };
    case 'LOSS':
      return {
        said: `${plain(line.pieces ?? 0)} lost at ${line.stepName ?? ''}: ${reason}${line.again ? ', made again' : ''}`,
        of,
      };
    case 'WEIGHING': {
      const net = line.netG ?? 0;
      const used = line.usedG ?? 0;
      return {
        said: `${mixName}: ${grams(used)} ${u.g} used for ${grams(net)} ${u.g} in pieces (${percent((100 * used) / Math.max(0.01, net) - 100)} % more)`,
        of: batchName,
      };
    }
    case 'LESSON':
      return { said: line.words ?? '', of };
  }
}

/** What a load in the daybook tells. */
export function bakeWords(bake: BakeLine): { said: string; of: string } {
  return {
    said: `${plainIn('°C', bake.tempC)} ${u.c}, ${minutes(bake.bakingMin)}: ${count(bake.things, 'thing')}`,
    of: bake.of.join(', '),
  };
}

/** What the photo of a line shows, as far as the line says. */
export function lineAlt(line: DaybookLine): string {
  const { words = '', stepName = '' } = line;
  return words === '' ? [stepName, 'photo'].filter((part) => part !== '').join(', ') : words;
}

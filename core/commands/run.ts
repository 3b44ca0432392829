import { BadInput, readFlags, USAGE, type Answer, type Flags } from './answer.ts';
import { chalkCommand, checkCommand, draftCommand, measuresCommand } from './draft-commands.ts';
import { layCommand } from './lay-command.ts';
import { stylesCommand } from './styles-command.ts';
import { sumCommand, sumsCommand } from './sum-command.ts';

function answerTo(flags: Flags): Answer {
  if (flags.values.help) return { json: { usage: USAGE }, text: USAGE, stopped: false };
  const [command] = flags.positionals;
  switch (command) {
    case 'measures':
      return measuresCommand();
    case 'draft':
      return draftCommand(flags);
    case 'check':
      return checkCommand(flags);
    case 'chalk':
      return chalkCommand(flags);
    case 'lay':
      return layCommand(flags);
    case 'sum':
      return flags.positionals.length === 1 ? sumsCommand() : sumCommand(flags);
    case 'styles':
      return stylesCommand();
    case undefined:
    default:
      throw new BadInput(
        'wrong-usage',
        'command',
        `${command === undefined ? 'a command is missing' : `${command} is not a command`}\n${USAGE}`,
      );
  }
}

/** Output of a run, and its exit code: 0, 1 where a stop was found, 2 for bad input. */
export interface Printed {
  readonly status: 0 | 1 | 2;
  readonly stdout: string;
  readonly stderr: string;
}

/** Runs the command line with these arguments. */
export function run(args: readonly string[]): Printed {
  const wantsJson = args.includes('--json');
  try {
    const answer = answerTo(readFlags([...args]));
    return {
      status: answer.stopped ? 1 : 0,
      stdout: `${wantsJson ? JSON.stringify(answer.json) : answer.text}\n`,
      stderr: '',
    };
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    return wantsJson
      ? { status: 2, stdout: `${JSON.stringify({ error: error.fault })}\n`, stderr: '' }
      : { status: 2, stdout: '', stderr: `${error.message}\n` };
  }
}

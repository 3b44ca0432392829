import { BadInput, readFlags, USAGE, type Answer, type Flags } from './commands/answer.ts';
import { chalkCommand, checkCommand, draftCommand, measuresCommand } from './commands/draft-commands.ts';
import { layCommand } from './commands/lay-command.ts';
import { stylesCommand } from './commands/styles-command.ts';
import { sumCommand, sumsCommand } from './commands/sum-command.ts';

function run(flags: Flags): Answer {
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

function main(args: string[]): number {
  const wantsJson = args.includes('--json');
  try {
    const answer = run(readFlags(args));
    process.stdout.write(`${wantsJson ? JSON.stringify(answer.json) : answer.text}\n`);
    return answer.stopped ? 1 : 0;
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    if (wantsJson) process.stdout.write(`${JSON.stringify({ error: error.fault })}\n`);
    else process.stderr.write(`${error.message}\n`);
    return 2;
  }
}

// Whoever reads only the first lines closes the pipe; that is no fault.
process.stdout.on('error', (error: NodeJS.ErrnoException) => {
  if (error.code !== 'EPIPE') throw error;
});

process.exitCode = main(process.argv.slice(2));

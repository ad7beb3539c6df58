import { runCommandLine } from './command-line.ts';

process.exitCode = runCommandLine(process.argv.slice(2), {
  out: (text) => void process.stdout.write(text),
  err: (text) => void process.stderr.write(text),
});

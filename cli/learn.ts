import { learn, learntJson, readJson, runOf } from '@zemrin/core';
import { readWith, type Outcome } from './io.ts';

/** `learn RUN…`: what the runs together say of the kitchen, the cook's hands and the dishes. */
export function learnCommand(files: readonly string[]): Outcome {
  const runs = files.map((file) => readWith(file, (text) => runOf(readJson(text))));
  const json = learntJson(learn(runs), runs);
  const hotter = (c: number) => `${Math.abs(c).toFixed(0)}° ${c < 0 ? 'cool' : 'hot'}`;
  const text = [
    ...json.appliances.map(
      ({ id, offsetC, least, most, times, from, leftOut }) =>
        `${id} runs ${hotter(offsetC)} (${least.toFixed(0)} to ${most.toFixed(0)}), times ${times}, from ${from} cooks${leftOut > 0 ? `, ${leftOut} left out` : ''}`,
    ),
    ...json.hands.map(
      ({ verb, times, least, most, from }) =>
        `${verb}: ${times} times as long (${least} to ${most}), from ${from}`,
    ),
    ...json.proposals.map(
      ({ dishName, change, because }) => `${dishName}: ${change}\n  because: ${because}`,
    ),
  ].join('\n');
  return { json, text: text === '' ? 'Nothing learnt yet.' : text, exit: 0 };
}

import { fileURLToPath } from 'node:url';
import { appOf } from './app.ts';
import { SimulatedStation } from './station/simulated-station.ts';
import { listen } from './listen.ts';

const USUAL_PORT = 4180;

const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
const wanted = Number(process.env.PORT ?? USUAL_PORT);
const { port } = await listen(
  appOf(dist, new SimulatedStation()),
  Number.isInteger(wanted) ? wanted : USUAL_PORT,
);
process.stdout.write(`Zemrin is at http://127.0.0.1:${port}\n`);

import { fileURLToPath } from 'node:url';
import { toString as qrOf } from 'qrcode';
import { appOf } from './app.ts';
import { homeAddresses } from './follow/own-machine.ts';
import { FollowAlong } from './follow/routes.ts';
import { SimulatedStation } from './station/simulated-station.ts';
import { HOME_NETWORK, listen, OWN_MACHINE } from './listen.ts';

const USUAL_PORT = 4180;

const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
const wanted = Number(process.env.PORT ?? USUAL_PORT);
const along = process.argv.includes('--lan') ? new FollowAlong() : undefined;
const { port } = await listen(
  appOf(dist, { station: new SimulatedStation(), along }),
  Number.isInteger(wanted) ? wanted : USUAL_PORT,
  along ? HOME_NETWORK : OWN_MACHINE,
);
process.stdout.write(`Zemrin is at http://127.0.0.1:${port}\n`);
if (along) await invite(along.pairing.code);

/** How another device of the home network joins, as text and to be scanned. */
async function invite(code: string): Promise<void> {
  const addresses = homeAddresses().map((address) => `http://${address}:${port}/follow`);
  for (const address of addresses) process.stdout.write(`Cook along at ${address}\n`);
  process.stdout.write(`with the code ${code}\n`);
  const [first] = addresses;
  if (first === undefined) return;
  process.stdout.write(await qrOf(`${first}#${code}`, { type: 'terminal', small: true }));
}

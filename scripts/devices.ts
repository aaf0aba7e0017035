/* The stand-ins for a fryer, a scale, a probe and a colour reader, on loopback; see docs/formats/devices.md. */
import { createKitchensOfStandIns } from '../src/devices/stand-ins/all-kitchens';
import { serveStandIns } from '../src/devices/stand-ins/server';

const port = Number(process.env.PORT) || 3290;
const seed = Number(process.env.SEED) || 1;

/* started by the app, they end with it */
process.on('disconnect', () => process.exit());

serveStandIns(createKitchensOfStandIns(seed), port).then(
  () => {
    process.stdout.write(
      `Fryer, scale, probe and colour reader answer at http://127.0.0.1:${port}; the app finds them there.\n` +
        'Ctrl-C ends them.\n',
    );
  },
  (error: Error) => {
    process.stderr.write(`The stand-ins could not start: ${error.message}. Is the port ${port} taken?\n`);
    process.exit(1);
  },
);

/* npm run devices: the stand-in devices on loopback. */
import { runTypeScript } from './lib/run-typescript.mjs';

runTypeScript('devices.ts');

/* npm run -s forecast: the headless forecast. */
import { runTypeScript } from './lib/run-typescript.mjs';

runTypeScript('forecast.ts');

import pino from 'pino';

/** One JSON object a line on standard output; silent unless DRUBEK_LOG is json. */
export const log = pino({ enabled: process.env.DRUBEK_LOG === 'json', base: { app: 'drubek', pid: process.pid } });

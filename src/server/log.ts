import pino from 'pino';

/** One JSON object a line on standard output; bin/start keeps them in the data folder. */
export const log = pino({ level: process.env.LOG_LEVEL ?? 'info', base: null, timestamp: pino.stdTimeFunctions.isoTime });

import { expose } from 'comlink';
import type { SettlingService } from './protocol';
import { settleLoad } from './settle-load';

const service: SettlingService = { settle: settleLoad };
expose(service);

import { serve } from '../ready';
import type { SettlingService } from './protocol';
import { settleLoad } from './settle-load';

const service: SettlingService = { settle: settleLoad };
serve(service);

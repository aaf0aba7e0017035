import { expose } from 'comlink';
import { createCoachService } from './service';

expose(createCoachService());

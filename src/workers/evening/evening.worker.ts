import { expose } from 'comlink';
import { createEveningService } from './service';

expose(createEveningService());

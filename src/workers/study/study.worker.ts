import { expose } from 'comlink';
import { createStudyService } from './service';

expose(createStudyService());

import { expose } from 'comlink';
import { createForecastService } from './service';

expose(createForecastService());

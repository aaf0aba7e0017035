import { serve } from '../ready';
import { createForecastService } from './service';

serve(createForecastService());

import { serve } from '../ready';
import { createEveningService } from './service';

serve(createEveningService());

import { serve } from '../ready';
import { createCoachService } from './service';

serve(createCoachService());

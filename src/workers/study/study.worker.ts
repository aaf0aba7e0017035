import { serve } from '../ready';
import { createStudyService } from './service';

serve(createStudyService());

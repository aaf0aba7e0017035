import { evidenceOf } from '../../editing/evidence-of';
import { serve } from '../ready';
import type { LearningService } from './protocol';

const service: LearningService = { evidence: evidenceOf };
serve(service);

import { expose } from 'comlink';
import { evidenceOf } from '../../editing/evidence-of';
import type { LearningService } from './protocol';

const service: LearningService = { evidence: evidenceOf };
expose(service);

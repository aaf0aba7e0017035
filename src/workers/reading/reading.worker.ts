import { expose } from 'comlink';
import { readLink, readText } from '../../editing/read-plan';
import type { ReadingService } from './protocol';

const service: ReadingService = { text: readText, link: readLink };
expose(service);

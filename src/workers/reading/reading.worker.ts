import { readOwnRecipe } from '../../editing/own-recipe';
import { readLink, readText } from '../../editing/read-plan';
import { serve } from '../ready';
import type { ReadingService } from './protocol';

const service: ReadingService = { text: readText, link: readLink, dish: readOwnRecipe };
serve(service);

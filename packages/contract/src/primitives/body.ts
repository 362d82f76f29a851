import { sides } from '@spalo/core/lift';
import { z } from 'zod';

export const side = z.enum(sides);

import { sides } from '@spalo/core';
import { z } from 'zod';

export const side = z.enum(sides);

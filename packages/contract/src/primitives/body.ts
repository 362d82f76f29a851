import { joints, sides } from '@spalo/core';
import { z } from 'zod';

export const joint = z.enum(joints);
export const side = z.enum(sides);

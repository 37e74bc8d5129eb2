import { ComponentPlace } from './ComponentPlace';
import type { Settings } from './settings';

export const component: Settings<'component'> = { Beneath: ComponentPlace };

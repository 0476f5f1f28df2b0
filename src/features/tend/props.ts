import type { Job } from '@/core/jobs';
import type { Around } from '@/core/jobs/job';
import type { Planting } from '@/core/plantings/schema';
import type { Surround } from '../shell/around';
import type { StationProps } from '../shell/panels';

/** What a part of the station is given: the container, the day, and all that is known round it. */
export interface TendProps extends StationProps {
  today: string;
  surround: Surround;
  around: Around;
}

/** A container with what it asks for today and soon. */
export interface ContainerJobs {
  planting: Planting;
  now: Job[];
  soon: Job[];
}

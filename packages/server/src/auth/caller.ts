import type { TrainerDto } from '@drubo/contracts';
import type { TrainerId } from '@drubo/core/vocabulary';

/** Who is calling. */
export interface Caller {
  studioId: string;
  trainerId: TrainerId;
  timeZone: string;
  role: TrainerDto['role'];
  /** Which of the trainer's sign-ins it is. */
  signInId: string;
}

export { addDays, dateOfDay, dayNumber, daysBetween, mondayOf, WEEK_DAYS } from './calendar';
export { KG_PER_LB, fromKg, toKg } from './mass';
export { CM_PER_INCH, cmToInches, inchesToCm } from './length';

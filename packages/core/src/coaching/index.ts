export { painAdvice } from './pain-advice';

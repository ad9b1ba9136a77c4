import { CALLS } from './calls';
import { doing } from './order';

const work = doing(CALLS);
export default work;

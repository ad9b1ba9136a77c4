import { doing } from './order';
import { PAPER } from './paper';

const work = doing(PAPER);
export default work;

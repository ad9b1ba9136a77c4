import type { House } from '@/core/lesson/players/house';
import { t } from '../language/t';

/** An academy under its name, or the one that stands for it until it has one. */
export const namedHouse = (house: House): House =>
  house.name === '' ? { ...house, name: t('The academy') } : house;

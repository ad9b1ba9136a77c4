/** How lengths are said: yards, feet and inches, or metres and centimetres. */
export const UNIT_SYSTEMS = ['yards', 'metres'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

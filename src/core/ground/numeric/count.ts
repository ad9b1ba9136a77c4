/** A whole number that counts steps or places. The batch kernel keeps it as one, where a `number` is four numbers side by side. */
export type Count = number;

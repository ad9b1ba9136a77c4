/** What one human swing does otherwise than meant. All zero for the swing as meant; speed as a factor. */
export interface SwingError {
  /** Mark further back, m. */
  mark: number;
  /** Arc deeper, m. */
  height: number;
  /** Steeper, radians. */
  attack: number;
  /** Factor on head speed. */
  speed: number;
  /** Face more open, radians. */
  face: number;
  /** Path turned towards the player's side, radians. */
  aim: number;
}

export const AS_MEANT: SwingError = { mark: 0, height: 0, attack: 0, speed: 1, face: 0, aim: 0 };

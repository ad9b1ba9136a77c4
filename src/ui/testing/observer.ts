/** An observer of sizes where nothing ever changes its size. */
export class MotionlessObserver implements ResizeObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

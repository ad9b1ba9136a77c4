/** Keys of the run page work on its strip and its pad too: those are sliders, and their own keys are the arrows. */
export const ON_PADS = { enableOnFormTags: ['slider'] } as const;

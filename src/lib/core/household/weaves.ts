/** The weaves by which zones and kits are told apart without colour. */
export const WEAVES = ['stripe', 'check', 'waffle', 'herringbone', 'dots', 'twill', 'basket'] as const;

export type WeaveName = (typeof WEAVES)[number];

package pelluna.core.shop;

import pelluna.core.units.Step;

/** What Pelluna says of two fish bought on one day, each of which may live in the tank: how hard it goes, and why. */
public record Together(Step step, TogetherReason why) {}

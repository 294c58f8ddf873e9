package pelluna.core.losses;

/** A cause that would fit what was written down, and why. An offer to its keeper, never more. */
public record Proposal(Cause cause, Fitting reason) {}

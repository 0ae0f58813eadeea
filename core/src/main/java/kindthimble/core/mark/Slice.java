package kindthimble.core.mark;

/**
 * A mark where a level cut goes through it: for the view from the side.
 *
 * @param fromMm left end
 * @param toMm right end
 * @param heightMm how high it stands
 * @param above whether it stands on a coat rather than on the cookie or in the coat
 */
public record Slice(double fromMm, double toMm, double heightMm, boolean above) {}

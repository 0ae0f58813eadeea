package kindthimble.core.notebook;

/**
 * A note and what it counts by its age.
 *
 * @param note it
 * @param weight over 0, 1 for one of today
 */
record Weighted<N extends Dated>(N note, double weight) {}

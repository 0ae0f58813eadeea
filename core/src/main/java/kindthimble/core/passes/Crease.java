package kindthimble.core.passes;

/**
 * A line that is to show between two coats: one of them has a skin before the other comes.
 *
 * @param since slot of the coat that is there, from 1
 * @param minutes that she says of it; 0 for as long as a soft crease takes
 * @param beside name of the section that is there
 * @param section name of the one that comes
 */
public record Crease(int since, int minutes, String beside, String section) {}

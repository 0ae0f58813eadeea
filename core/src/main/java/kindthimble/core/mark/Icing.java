package kindthimble.core.mark;

import kindthimble.core.icing.Consistency;

/**
 * What a mark is made with.
 *
 * @param colour key of a colour of the order
 * @param consistency how stiff
 * @param tip name of the tip, or null for a tipless bag
 */
public record Icing(String colour, Consistency consistency, String tip) {}

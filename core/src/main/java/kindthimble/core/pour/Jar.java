package kindthimble.core.pour;

/**
 * Icing left over from before that goes into a bowl.
 *
 * @param id what tells it from other jars
 * @param colour key of the bowl that it goes into
 * @param grams finished icing in it, over 0
 * @param countSeconds its consistency
 */
public record Jar(String id, String colour, double grams, double countSeconds) {}

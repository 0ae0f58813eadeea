package kindthimble.core.clock;

/**
 * What there is of things that work takes beside hands. There is one oven and one mixer.
 *
 * @param places for iced trays, from their first icing until they are packed; 1 or more
 */
public record Limits(int places) {
    /** As many places as one likes. */
    public static final Limits NONE = new Limits(Integer.MAX_VALUE);
}

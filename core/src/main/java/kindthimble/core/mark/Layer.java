package kindthimble.core.mark;

/**
 * One shape to paint, in mm.
 *
 * @param role what it is
 * @param colour key of its colour; null for the cookie itself
 * @param path SVG path data in mm
 * @param strokeMm width of the stroke when only the line is painted; null when the inside is filled
 */
public record Layer(Role role, String colour, String path, Double strokeMm) {

    /** What a layer shows, from the cookie up. */
    public enum Role {
        DOUGH,
        COAT,
        BEAD,
        SUNK,
        RAISED
    }
}

package kindthimble.core.mark;

/**
 * Pieces that are piped on film days ahead: how many lie on one cookie, and how many more are made because some break.
 *
 * @param pieces on one cookie
 * @param spareShare share of all that is made more, 0 to 1; never fewer than the next
 * @param leastSpares made at the least
 */
public record Ahead(int pieces, double spareShare, int leastSpares) {
    /** Pieces made beyond so many that cookies take. */
    public int sparesOf(int all) {
        return all == 0 ? 0 : (int) Math.max(leastSpares, Math.ceil(all * spareShare - 1e-9));
    }
}

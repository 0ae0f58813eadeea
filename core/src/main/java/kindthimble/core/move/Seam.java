package kindthimble.core.move;

/** How a flooded section meets its neighbours. */
public enum Seam {
    /** The first skins before the second is flooded. */
    CREASE,
    /** Both are wet and meet flat. */
    FLOW,
    /** An outline bead keeps the two wet sections apart. */
    WALL;

    /** The seam between two sections that each say how they meet: a wall where either has one, else flow where either flows. */
    static Seam between(Seam one, Seam other) {
        if (one == WALL || other == WALL) {
            return WALL;
        }
        return one == FLOW || other == FLOW ? FLOW : CREASE;
    }
}

package kindthimble.core.notebook;

/**
 * What is believed before anything is noted. On the scale of each figure: sd is how unsure the house is of it, s how much one note differs from the next,
 * and nu how many notes that is worth.
 *
 * @param count of a thinning curve: sd of {@code ln t0} and of {@code b}
 * @param coat of how full coats are
 * @param seconds of hands by kind of work
 * @param step of minutes, and of drops to a colour
 * @param kept of what vessels keep
 * @param piece of what piped pieces weigh
 * @param spread of how much longer a cookie gets in the oven, in percent
 * @param loss of what is lost in the oven, and of dough, in percent
 * @param gate of what is dry when
 * @param broken a and b of a beta distribution
 * @param crater of craters in narrow places
 */
public record Priors(
        Curve count,
        Coats coat,
        Plain seconds,
        Plain step,
        Plain kept,
        Plain piece,
        Plain spread,
        Plain loss,
        Plain gate,
        double[] broken,
        Logistic crater) {
    /** What the house believes ({@code craft-doing.md} 16). */
    public static final Priors HOUSE = new Priors(
            new Curve(new double[] {0.15, 0.03}, 0.12, 4),
            new Coats(0.12, 0.08, 5, 0.12, 10),
            new Plain(0.25, 0.15, 6),
            new Plain(0.25, 0.2, 6),
            new Plain(0.4, 0.25, 5),
            new Plain(0.3, 0.15, 5),
            new Plain(1.5, 1, 3),
            new Plain(1.5, 1, 3),
            new Plain(0.2, 0.12, 6),
            new double[] {1 / 3.0, 59 / 3.0},
            new Logistic(new double[] {-2.1972, 3.709}, new double[] {0.7, 1.2}));

    /** The same, with the house's where something is left out. */
    public Priors orHouse() {
        return new Priors(
                count == null ? HOUSE.count : count,
                coat == null ? HOUSE.coat : coat,
                seconds == null ? HOUSE.seconds : seconds,
                step == null ? HOUSE.step : step,
                kept == null ? HOUSE.kept : kept,
                piece == null ? HOUSE.piece : piece,
                spread == null ? HOUSE.spread : spread,
                loss == null ? HOUSE.loss : loss,
                gate == null ? HOUSE.gate : gate,
                broken == null ? HOUSE.broken : broken,
                crater == null ? HOUSE.crater : crater);
    }

    /** One figure with its scatter. */
    public record Plain(double sd, double s0, double nu) {}

    /** The two figures of a curve with the scatter of a count. */
    public record Curve(double[] sd, double s0, double nu) {}

    /** A school's fullness, the hand's scatter from order to order, and a cookie's. */
    public record Coats(double m, double sh, double nuh, double sc, double nuc) {}

    /** Means and sds of intercept and slope. */
    public record Logistic(double[] mu, double[] sd) {}
}

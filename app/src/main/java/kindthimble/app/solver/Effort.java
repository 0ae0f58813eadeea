package kindthimble.app.solver;

/**
 * How hard to look.
 *
 * @param placed how many tasks are placed while sittings are closed and opened
 * @param work of the solver's own count of work, so that the same problem gives the same plan however busy the machine is
 * @param seconds by the clock at most, against a machine that is very busy
 * @param seed of what is by chance
 */
public record Effort(int placed, double work, double seconds, int seed) {
    /** For the plan that is shown. */
    public static final Effort PLAN = new Effort(300_000, 0.6, 6, 7);

    /** For a question that is answered at once. */
    public static final Effort QUESTION = new Effort(30_000, 0.3, 1.5, 7);

    /**
     * So many times as hard.
     *
     * @param share more than 0
     */
    public Effort times(double share) {
        return new Effort((int) Math.round(placed * share), work * share, seconds * share, seed);
    }
}

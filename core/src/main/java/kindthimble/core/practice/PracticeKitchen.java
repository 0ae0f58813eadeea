package kindthimble.core.practice;

import java.util.SplittableRandom;
import java.util.stream.IntStream;
import kindthimble.core.icing.ThinningCurve;

/**
 * The icing and the hands of a practice kitchen, asked for one deed at a time. Nothing in it remembers anything: the same deed of the same seed comes out
 * the same, whoever asks how often, so that a page may be opened anew in the middle.
 *
 * @param truth what is hidden
 * @param seed of the day
 */
public record PracticeKitchen(Truth truth, long seed) {
    /** Held down, what is wanted flows out in so long. */
    private static final double FULL_MS = 5_000;

    /** A stream begins thin, and is full after a moment. */
    private static final double FIRST_SHARE = 0.25;

    private static final double SWELLS_MS = 800;

    /** After the hand stops, a moment of the stream still falls. */
    private static final double TAIL_MS = 60;

    private static final double FLOW_SD = 0.1;
    private static final double DOUBLE_DROP = 0.04;
    private static final double DROP_SD = 0.08;
    private static final double STRENGTH_SD = 0.1;
    private static final double LEAST = 0.2;
    private static final double WEIGHING_SD = 0.2;

    /** What can go wrong with a cookie by itself. */
    public enum Mishap {
        NONE,
        BROKE,
        CRATER,
        OVER_THE_EDGE,
        AIR_BUBBLE
    }

    /**
     * What flows out between two moments of holding. It adds up: what flows in two stretches is what flows in both.
     *
     * @param deed tells one pouring from another
     * @param wantedGrams by which a hand chooses how wide it opens; over 0
     * @param fromMs of holding, from 0
     * @param toMs of holding, not less
     * @return grams, at least 0
     */
    public double poured(String deed, double wantedGrams, double fromMs, double toMs) {
        double perMs = wantedGrams / FULL_MS * Math.max(LEAST, 1 + FLOW_SD * of(deed).nextGaussian());
        return perMs * (flowed(toMs) - flowed(fromMs));
    }

    /** What still falls after the hand has stopped at some moment of holding. */
    public double tail(String deed, double wantedGrams, double heldMs) {
        return poured(deed, wantedGrams, heldMs, heldMs + TAIL_MS);
    }

    /** Milliseconds of the full stream by some moment: it swells evenly from a thin one. */
    private static double flowed(double ms) {
        double swelling = Math.min(ms, SWELLS_MS);
        return FIRST_SHARE * swelling
                + (1 - FIRST_SHARE) * swelling * swelling / (2 * SWELLS_MS)
                + Math.max(0, ms - SWELLS_MS);
    }

    /** How many drops fall when one is meant to: now and then two. */
    public int drops(String deed, int nth) {
        return of(deed + nth).nextDouble() < DOUBLE_DROP ? 2 : 1;
    }

    /** @return grams of one of those drops, about what a drop weighs */
    public double dropGrams(String deed, int nth, double nominalGrams) {
        SplittableRandom random = of(deed + nth);
        random.nextDouble();
        return nominalGrams * Math.max(LEAST, 1 + DROP_SD * random.nextGaussian());
    }

    /** How many times as strong a bottle of gel really is as what is known of it. */
    public double strength(String gel) {
        return Math.exp(STRENGTH_SD * of("bottle of " + gel).nextGaussian());
    }

    /** Drops that really fell when so many were counted. */
    public int fallen(String deed, int counted) {
        return IntStream.rangeClosed(1, counted).map(nth -> drops(deed, nth)).sum();
    }

    /**
     * How long a drawn line really takes to level.
     *
     * @param waterPer100Base grams of water in 100 g of the base, all that went in on the way down
     * @param wantedSeconds of the count that it is thinned to: a base that came out of the mixer thinner than that can't be practised with
     * @return seconds
     */
    public double lineSeconds(double waterPer100Base, double wantedSeconds) {
        return lineSeconds(truth, waterPer100Base, wantedSeconds);
    }

    static double lineSeconds(Truth truth, double waterPer100Base, double wantedSeconds) {
        ThinningCurve curve = truth.curve();
        double start = Math.max(1.5 * wantedSeconds, curve.ownCountSeconds());
        return start * Math.exp(-curve.perGram() * waterPer100Base);
    }

    /** Grams that one cookie takes of an icing of which the plan says so many. */
    public double cookieGrams(String step, int cookie, double plannedGrams) {
        double scatter = truth.cookieVariation() * of(step + " of " + cookie).nextGaussian();
        return plannedGrams * Math.max(0, truth.hand() + scatter);
    }

    /** Seconds that one cookie takes where the plan says so many. */
    public double cookieSeconds(String step, int cookie, double plannedSeconds) {
        double scatter = Math.exp(
                truth.cookieVariation() * of(step + " time of " + cookie).nextGaussian());
        return plannedSeconds * truth.seconds() * scatter;
    }

    /** What happens to a cookie while it is iced; mostly nothing. */
    public Mishap mishap(String step, int cookie) {
        SplittableRandom random = of(step + " luck of " + cookie);
        double luck = random.nextDouble();
        if (luck < truth.breaks()) {
            return Mishap.BROKE;
        }
        Mishap[] rest = {Mishap.CRATER, Mishap.OVER_THE_EDGE, Mishap.AIR_BUBBLE};
        return luck < truth.breaks() + truth.errs() ? rest[random.nextInt(rest.length)] : Mishap.NONE;
    }

    /** Whether what was put to dry bears a fingertip after so long, where the plan says after so long. */
    public boolean isDry(double seconds, double plannedSeconds) {
        return seconds >= truth.dries() * plannedSeconds;
    }

    /** A weight as it comes onto the scale: a hand never sets a thing down quite alike. */
    public double setDown(String deed, double grams) {
        return Math.max(0, grams + WEIGHING_SD * of(deed).nextGaussian() / 2);
    }

    private SplittableRandom of(String deed) {
        long mixed = seed * 0x9E3779B97F4A7C15L;
        for (int i = 0; i < deed.length(); i++) {
            mixed = (mixed ^ deed.charAt(i)) * 0x100000001B3L;
        }
        return new SplittableRandom(mixed);
    }
}

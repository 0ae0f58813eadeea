package kindthimble.core.bench;

import java.util.List;
import java.util.stream.IntStream;

/** What is weighed after something that came out a little over: all that is still to come follows it, so that the recipe stays the same. */
public final class InProportion {
    private InProportion() {}

    /**
     * @param wanted grams of each ingredient by the recipe, over 0
     * @param weighed index of what has been weighed
     * @param grams that are in now
     * @return grams of each by the recipe of now; what is weighed stands as it is
     */
    public static List<Double> of(List<Double> wanted, int weighed, double grams) {
        double times = grams / wanted.get(weighed);
        return IntStream.range(0, wanted.size())
                .mapToObj(i -> i == weighed ? grams : wanted.get(i) * times)
                .toList();
    }

    /** How far off a weight may be: a fiftieth, or a fifth of a gram. */
    public static double band(double wanted) {
        return Math.max(0.02 * wanted, 0.2);
    }
}

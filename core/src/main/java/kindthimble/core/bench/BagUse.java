package kindthimble.core.bench;

import java.util.Collection;
import java.util.List;

/**
 * Bags of a mixing that are alike, and all work that drinks from them, of every order that is mixed together.
 *
 * @param key by which events speak of them
 * @param fills how they are filled, in that order: by the plan, and by what was mixed more since; not empty
 * @param keepsGrams that never come out of each
 * @param drinks by step
 */
public record BagUse(String key, List<Fill> fills, double keepsGrams, List<Iced> drinks) {
    public BagUse {
        fills = List.copyOf(fills);
        drinks = List.copyOf(drinks);
    }

    /**
     * Bags that are filled at one step.
     *
     * @param bags how many, at least 1
     * @param fullGrams in each by the plan, over 0
     * @param filledAt key of the step; empty where there is none
     * @param firstBag which of all that are filled at that step the first of them is, from 1
     */
    public record Fill(int bags, double fullGrams, String filledAt, int firstBag) {}

    /**
     * @param step key of it
     * @param cookies that are iced in it
     * @param eachGrams that one of them takes by the plan
     * @param coatGrams of those that are coats
     */
    public record Iced(String step, int cookies, double eachGrams, double coatGrams) {}

    /** How many there are. */
    public int bags() {
        return fills.stream().mapToInt(Fill::bags).sum();
    }

    /**
     * How many have run empty when so much has come out of all of them; the last one never has.
     *
     * @param outGrams at least 0
     * @param standing what was pressed
     */
    int empty(double outGrams, Collection<BenchEvent> standing) {
        double out = outGrams;
        int empty = 0;
        while (empty < bags() - 1 && out >= full(empty + 1, standing) - keepsGrams - 1e-9) {
            out -= full(empty + 1, standing) - keepsGrams;
            empty++;
        }
        return empty;
    }

    /**
     * Grams in the bag in hand when so much has come out of all of them: those before it are empty.
     *
     * @param outGrams at least 0
     * @param standing what was pressed and not taken back
     */
    public double inHand(double outGrams, Collection<BenchEvent> standing) {
        int empty = empty(outGrams, standing);
        double left = full(empty + 1, standing) - outGrams;
        for (int nth = 1; nth <= empty; nth++) {
            left += full(nth, standing) - keepsGrams;
        }
        return Math.max(keepsGrams, left);
    }

    /**
     * Grams in one of them.
     *
     * @param nth which of them, from 1
     * @param standing what was pressed: what was weighed into it counts, else the plan does
     */
    double full(int nth, Collection<BenchEvent> standing) {
        int before = 0;
        for (Fill fill : fills) {
            if (nth <= before + fill.bags) {
                String words = "bag " + (fill.firstBag + nth - before - 1);
                double full = fill.fullGrams;
                for (BenchEvent event : standing) {
                    if (event.what() == BenchEvent.Pressed.WEIGHED
                            && event.step().equals(fill.filledAt)
                            && event.words().equals(words)) {
                        full = event.amount();
                    }
                }
                return full;
            }
            before += fill.bags;
        }
        throw new IllegalArgumentException("there are " + bags() + " bags, none has the number " + nth);
    }
}

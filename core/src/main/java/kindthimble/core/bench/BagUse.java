package kindthimble.core.bench;

import java.util.List;

/**
 * Bags of a mixing that are filled alike, and all work that drinks from them, of every order that is mixed together.
 *
 * @param key by which events speak of them
 * @param bags how many, at least 1
 * @param fullGrams in each by the plan, over 0
 * @param keepsGrams that never come out of each
 * @param filledAt key of the step at which they are filled; empty where there is none
 * @param firstBag which of all that are filled at that step the first of them is, from 1
 * @param drinks by step
 */
public record BagUse(
        String key, int bags, double fullGrams, double keepsGrams, String filledAt, int firstBag, List<Iced> drinks) {
    public BagUse {
        drinks = List.copyOf(drinks);
    }

    /**
     * @param step key of it
     * @param cookies that are iced in it
     * @param eachGrams that one of them takes by the plan
     * @param coatGrams of those that are coats
     */
    public record Iced(String step, int cookies, double eachGrams, double coatGrams) {}

    /** Words of {@link BenchEvent.Pressed#WEIGHED} at the step where they are filled: what was weighed into one of these. */
    String filled(int nth) {
        return "bag " + (firstBag + nth - 1);
    }
}

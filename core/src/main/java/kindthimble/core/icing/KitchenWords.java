package kindthimble.core.icing;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import kindthimble.core.words.Refused;

/** What a shop calls the named consistencies. Each word stands for its count, whatever it is called. */
public record KitchenWords(String stiff, String piping, String medium, String flood, String glaze) {
    /** The house's own. */
    public static final KitchenWords HOUSE = new KitchenWords("stiff", "piping", "medium", "flood", "glaze");

    private static final int LONGEST = 16;

    /**
     * @throws Refused when one is empty or too long, or two are the same
     */
    public void check() {
        List<Consistency.State> states = List.of(Consistency.State.values());
        Set<String> taken = new HashSet<>();
        for (Consistency.State state : states) {
            String word = of(state);
            if (word == null || word.isBlank() || word.length() > LONGEST || !taken.add(word.strip())) {
                throw new Refused(
                        "words." + state.name().toLowerCase(Locale.ROOT),
                        "Give each consistency a word of its own, of up to " + LONGEST + " letters.");
            }
        }
    }

    public String of(Consistency.State state) {
        return switch (state) {
            case STIFF -> stiff;
            case PIPING -> piping;
            case MEDIUM -> medium;
            case FLOOD -> flood;
            case GLAZE -> glaze;
        };
    }

    /**
     * A consistency as it is said: its word with its count. The house's flood is said by its count alone.
     *
     * @param count the seconds, as written
     */
    public String said(Consistency.State state, String count) {
        boolean countAlone = state == Consistency.State.FLOOD && flood.equals(HOUSE.flood);
        return countAlone ? count : of(state) + " " + count;
    }
}

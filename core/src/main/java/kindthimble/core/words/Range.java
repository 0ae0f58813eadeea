package kindthimble.core.words;

import java.util.Locale;

/**
 * A number that somebody sets, by its word, with the least and the most that it may be.
 *
 * @param word as it stands on the screen
 * @param unit what it counts
 * @param least smallest number allowed
 * @param most largest number allowed
 */
public record Range(String word, Unit unit, double least, double most) {
    /**
     * @param field path of the field that a refusal names
     * @throws Refused when the number lies outside, or is none
     */
    public void check(String field, double number) {
        if (!(number >= least && number <= most)) {
            String sign = unit.sign().isEmpty() ? "" : " " + unit.sign();
            throw new Refused(
                    field,
                    "%s: write a number from %s to %s%s; %s is out of that range."
                            .formatted(capital(word), plain(least), plain(most), sign, plain(number)));
        }
    }

    /** With a capital letter, as a sentence begins. */
    public static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** A number as people write it: no trailing zeros. */
    public static String plain(double number) {
        if (number == Math.rint(number) && Math.abs(number) < 1e15) {
            return String.format(Locale.ROOT, "%.0f", number);
        }
        return Double.toString(number);
    }
}

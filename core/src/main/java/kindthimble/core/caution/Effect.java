package kindthimble.core.caution;

/**
 * What a press changes, measured.
 *
 * @param grams more icing on a cookie, or less where it is under 0
 * @param handSeconds more hands on a cookie, or less
 * @param warningsBefore how many warnings a cookie wears that are more than a thought
 * @param warningsAfter how many it wears after the press
 */
public record Effect(double grams, double handSeconds, int warningsBefore, int warningsAfter) {}

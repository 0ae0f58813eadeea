package kindthimble.core.kitchen;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.words.Unit;

/**
 * A round piping tip.
 *
 * @param name its number as the shop says it
 * @param openingMm diameter of its opening
 * @param owned how many the shop has
 */
public record Tip(
        String name,

        @Amount(word = "tip's opening", unit = Unit.MM, least = 0.3, most = 20)
        double openingMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 100)
        int owned) {
    /** For outlines, and for fine raised lines, unless a move says otherwise. */
    public static final String OUTLINE = "2";

    public static final String LINE = "1";

    /** The house's tips, their openings measured with a needle gauge. */
    public static final List<Tip> HOUSE = List.of(
            new Tip("1", 0.8),
            new Tip("1.5", 1.0),
            new Tip("2", 1.2),
            new Tip("3", 1.6),
            new Tip("4", 2.0),
            new Tip("5", 2.4));

    /** Two of a size. */
    public Tip(String name, double openingMm) {
        this(name, openingMm, 2);
    }
}

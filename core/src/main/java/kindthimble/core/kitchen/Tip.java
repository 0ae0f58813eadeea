package kindthimble.core.kitchen;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * A piping tip.
 *
 * @param name its number as the shop says it
 * @param openingMm diameter of its opening; of one that is not round, how wide that is
 * @param owned how many the shop has
 * @param shape of its opening
 */
public record Tip(
        String name,

        @Amount(word = "tip's opening", unit = Unit.MM, least = 0.3, most = 20)
        double openingMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 100)
        int owned,

        Shape shape) {
    /** What it pipes: lines and dots, or pieces. */
    public enum Shape {
        ROUND,
        LEAF,
        PETAL,
        STAR,
        RUFFLE
    }

    public Tip {
        shape = shape == null ? Shape.ROUND : shape;
    }

    /** For outlines, and for fine raised lines, unless a move says otherwise. */
    public static final String OUTLINE = "2";

    public static final String LINE = "1";

    /** For pieces, unless a move says otherwise. */
    public static final String LEAF = "leaf";

    public static final String PETAL = "petal";
    public static final String STAR = "star";
    public static final String RUFFLE = "ruffle";

    /** The house's tips for pieces. */
    static final List<Tip> OF_PIECES = List.of(
            new Tip(LEAF, 6, 2, Shape.LEAF),
            new Tip(PETAL, 8, 2, Shape.PETAL),
            new Tip(STAR, 5, 2, Shape.STAR),
            new Tip(RUFFLE, 7, 2, Shape.RUFFLE));

    /** The house's tips, their openings measured with a needle gauge. */
    public static final List<Tip> HOUSE = List.of(
            new Tip("1", 0.8),
            new Tip("1.5", 1.0),
            new Tip("2", 1.2),
            new Tip("3", 1.6),
            new Tip("4", 2.0),
            new Tip("5", 2.4),
            OF_PIECES.get(0),
            OF_PIECES.get(1),
            OF_PIECES.get(2),
            OF_PIECES.get(3));

    /** The bag itself, cut to a width: {@value} and the mm. */
    private static final String CUT = "cut ";

    private static final Range CUT_MM = new Range("cut width", Unit.MM, 0.5, 12);

    /** Whether a name is that of a bag without a tip, cut to a width. */
    public static boolean isCut(String name) {
        return name.startsWith(CUT);
    }

    /** What a bag without a tip is called that is cut to a width in mm: the next that a hand can cut. */
    public static String nameOfCut(double mm) {
        double cut = Math.max(CUT_MM.least(), Math.min(CUT_MM.most(), Math.rint(mm * 10) / 10));
        return CUT + Range.plain(cut);
    }

    /**
     * A bag without a tip, as {@code cut 1.4}: as wide as it is cut, in mm.
     *
     * @throws Refused when that is no width that a bag is cut to
     */
    static Tip cut(String name) {
        try {
            double mm = Double.parseDouble(name.substring(CUT.length()));
            CUT_MM.check("tip", mm);
            return new Tip(name, mm, 0, Shape.ROUND);
        } catch (NumberFormatException e) {
            throw new Refused("tip", "Say how wide the bag is cut, such as cut 1.4.");
        }
    }

    /** Two round ones. */
    public Tip(String name, double openingMm) {
        this(name, openingMm, 2);
    }

    /** Round ones. */
    public Tip(String name, double openingMm, int owned) {
        this(name, openingMm, owned, Shape.ROUND);
    }
}

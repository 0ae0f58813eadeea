package kindthimble.core.icing;

import java.util.List;
import java.util.Objects;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;

/**
 * An ingredient that is stirred into one bowl alone: cocoa, fruit powder, lemon juice. It counts with its own mass. Its water counts as
 * water; what is dry in it takes up water as the sugar of the base does, so that the icing comes to the same count.
 *
 * @param name as on the packet
 * @param percent grams stirred into 100 g of base, over 0 to 30
 * @param waterPercent how much of it is water, 0 to 100
 * @param colours whether it makes the colour by itself, so that no gel goes in
 */
public record Flavour(String name, double percent, double waterPercent, boolean colours) {
    public static final double MOST_PERCENT = 30;
    public static final int LONGEST_NAME = 40;

    /** What the form offers; amounts are kitchen practice, water as on packets. */
    public static final List<Flavour> OFFERED = List.of(
            new Flavour("Cocoa", 8, 3, true),
            new Flavour("Instant coffee", 2, 3, true),
            new Flavour("Raspberry powder", 5, 4, true),
            new Flavour("Green tea powder", 3, 5, true),
            new Flavour("Lemon juice", 4, 91, false),
            new Flavour("Orange oil", 0.4, 0, false),
            new Flavour("Peppermint drops", 0.5, 20, false));

    /** Grams in a gram of base. */
    public double share() {
        return percent / 100;
    }

    /** Grams of water that it brings to a gram of base. */
    public double waterShare() {
        return share() * waterPercent / 100;
    }

    /** Grams to a gram of base that take up water. */
    public double dryShare() {
        return share() - waterShare();
    }

    /** What a bowl that may have none has of it in a gram of base. */
    public static double shareOf(Flavour orNull) {
        return orNull == null ? 0 : orNull.share();
    }

    /** Whether gel brings the colour of a bowl about that may have a flavour: not where that does. */
    public static boolean leavesTint(Flavour orNull) {
        return orNull == null || !orNull.colours();
    }

    /** Whether two bowls taste alike. */
    public static boolean alike(Flavour one, Flavour other) {
        return Objects.equals(one, other);
    }

    /**
     * The same with its name as it is kept.
     *
     * @throws Refused naming the field of it that is wrong
     */
    public Flavour checked(String field) {
        if (name == null || name.isBlank() || name.strip().length() > LONGEST_NAME) {
            throw new Refused(field + ".name", "Name the flavour, in up to " + LONGEST_NAME + " letters.");
        }
        if (!(percent > 0 && percent <= MOST_PERCENT)) {
            throw new Refused(
                    field + ".percent",
                    "Stir over 0 and up to %s g of %s into 100 g of base."
                            .formatted(Range.plain(MOST_PERCENT), name.strip()));
        }
        if (!(waterPercent >= 0 && waterPercent <= 100)) {
            throw new Refused(field + ".waterPercent", "Say how much of it is water, from 0 to 100 %.");
        }
        return new Flavour(name.strip(), percent, waterPercent, colours);
    }
}

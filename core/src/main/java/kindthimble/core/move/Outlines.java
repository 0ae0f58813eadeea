package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * The shapes of a drawing. They grow with the cookie: as wide as the cutter is in the drawing, they are as wide as the cookie is baked.
 */
@Word(
        value = "drawing",
        says = "the shapes of a drawing of yours, and the ground around them",
        group = Kind.Group.DIVIDE)
public record Outlines(
        @Text(word = "called", longest = 1, usual = "a") String key,

        @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String of,

        @Text(word = "shapes", longest = MOST_LETTERS, usual = "M-20-20H20V20H-20Z")
        String outlines,

        @Amount(word = "cutter's width in the drawing", unit = Unit.MM, least = 5, most = 600, usual = 80)
        double acrossMm)
        implements Division {
    private static final int MOST_OUTLINES = 120;

    /** So much may lie in two shapes of a drawing, by rounding. */
    private static final double MOST_TWICE_MM2 = 1;

    /** What two shapes have in common by a slip, at the most. */
    private static final double MOST_SLIP_MM2 = 20;

    /** All outlines of a drawing together, in letters. */
    private static final int MOST_LETTERS = 400_000;

    /**
     * The shapes as they were drawn, in mm about the cutter's middle; empty where one has been taken out.
     *
     * @throws Refused when an outline can't be read, or there are too many
     */
    public List<Region> shapes() {
        String[] each = outlines.split("\\|", -1);
        if (each.length > MOST_OUTLINES) {
            throw new Refused(
                    "outlines", "A drawing has at most %d sections. Join some of them.".formatted(MOST_OUTLINES));
        }
        try {
            return Arrays.stream(each)
                    .map(one -> one.isBlank() ? Region.EMPTY : Region.drawn(one))
                    .toList();
        } catch (Refused refused) {
            throw refused.inside("outlines");
        }
    }

    @Override
    public List<Region> sections(Region whole) {
        return sections(whole, whole.box());
    }

    @Override
    public List<Region> sections(Region part, Box baked) {
        double scale = baked.widthMm() / acrossMm;
        double x = baked.x() + baked.widthMm() / 2;
        double y = baked.y() + baked.heightMm() / 2;
        List<Region> drawn = shapes().stream()
                .map(shape -> shape.isEmpty() ? shape : shape.scaled(scale).moved(x, y))
                .toList();
        List<Region> parts = part.parted(drawn);
        if (parts.subList(0, drawn.size()).stream().allMatch(Region::isEmpty)) {
            throw new Refused("outlines", "This drawing lies beside the section. Read it again at another size.");
        }
        return apart(part, parts);
    }

    /** Icing is in a place once: what two shapes have in common by a slip of the reading is the first one's. */
    private static List<Region> apart(Region part, List<Region> parts) {
        double all = parts.stream().mapToDouble(Region::areaMm2).sum();
        if (all <= part.areaMm2() + MOST_TWICE_MM2) {
            return parts;
        }
        List<Region> apart = new ArrayList<>(parts);
        for (int i = 1; i < apart.size(); i++) {
            for (int j = 0; j < i; j++) {
                Region both = apart.get(i).intersection(apart.get(j));
                if (both.areaMm2() > MOST_SLIP_MM2) {
                    throw new Refused(
                            "outlines",
                            "Shapes %d and %d of this drawing lie on each other, and icing can be there only once. Draw them side by side, or leave one out."
                                    .formatted(j + 1, i + 1));
                }
                if (!both.isEmpty()) {
                    apart.set(i, apart.get(i).difference(both));
                }
            }
        }
        return apart;
    }
}

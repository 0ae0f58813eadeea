package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Shapes;
import kindthimble.core.mark.Supply;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** Sprinkles, sugar, pearls or candies pressed into the wet coat: candies before sugar. */
@Word(value = "sprinkle", says = "sprinkles, candies, pearls or sugar, while wet", group = Kind.Group.WET)
public record Sprinkle(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "what", from = Choice.From.WORDS, usual = "PEARLS")
        What what,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 400, usual = 30)
        int pieces,

        @Laying(from = {"SPREAD", "MARKS", "RING", "PLACES", "EDGE", "SEAMS", "PATH"})
        Where where,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {
    /** What is what, and how large it is in mm. */
    public enum What {
        CANDIES(5, Supply.Sort.CANDIES),
        PEARLS(3, Supply.Sort.PEARLS),
        SPRINKLES(1.4, Supply.Sort.SPRINKLES),
        SUGAR(0.8, Supply.Sort.SUGAR);

        private final double mm;
        private final Supply.Sort sort;

        What(double mm, Supply.Sort sort) {
            this.mm = mm;
            this.sort = sort;
        }

        boolean isPiece() {
            return this == CANDIES || this == PEARLS;
        }

        /** On one cookie: pieces are counted, small grains weighed, and sugar covers the whole region. */
        private double amount(int pieces, Region region, Ground ground) {
            return switch (this) {
                case CANDIES, PEARLS -> pieces;
                case SPRINKLES -> pieces * ground.mean(Habit.SPRINKLE_GRAMS);
                case SUGAR -> region.areaMm2() / 100 * ground.mean(Habit.STREWN_SUGAR_GRAMS_PER_CM2);
            };
        }
    }

    @Override
    public String sinks() {
        return "Sprinkles";
    }

    @Override
    public void lay(Ground ground) {
        boolean onMarks = where.laid() == Laid.MARKS;
        Region region = onMarks ? ground.covered(where.marks(), on) : ground.on(on);
        boolean each = where.laid() != Laid.SPREAD && (!onMarks || what.isPiece() && ground.standsOn(where.marks()));
        List<Pose> poses = each ? ground.stand(where, on, pieces, what.mm) : List.of();
        int many = poses.isEmpty() ? pieces : poses.size();
        ground.place(
                on,
                new Dressing(
                        colour,
                        poses.isEmpty()
                                ? Shapes.grains(region, pieces, what.mm, onMarks ? what.mm / 2 : what.mm)
                                : Shapes.discs(Pose.spots(poses), what.mm),
                        null,
                        0,
                        region.areaMm2(),
                        Gate.WET,
                        Stage.COAT,
                        what == What.CANDIES
                                ? many * ground.mean(Habit.CANDY_SECONDS)
                                : ground.mean(Habit.STREWN_SECONDS),
                        List.of(new Supply(what.sort, colour, what.amount(many, region, ground))),
                        poses.isEmpty() ? Extent.of(region) : Extent.of(Pose.spots(poses), what.mm)));
    }
}

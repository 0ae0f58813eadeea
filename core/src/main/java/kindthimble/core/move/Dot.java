package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Pose;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.WetDots;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** Dots dropped into the wet coat, scattered evenly or in rows; drawn through with a needle they become hearts or roses. */
@Word(
        value = "dot",
        says = "wet dots that sink into the flood; dragged, they are hearts, leaves or roses",
        group = Kind.Group.WET)
public record Dot(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 200, usual = 6)
        int pieces,

        @Choice(word = "size", from = Choice.From.WORDS, usual = "MEDIUM")
        Size size,

        @Amount(word = "exactly", unit = Unit.MM, least = 0.5, most = 60, otherwise = "by its size")
        Double diameterMm,

        @Laying(from = {"SCATTERED", "ROWS", "RING", "PLACES", "EDGE", "SEAMS", "PATH", "MARKS"})
        Where where,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.FLOOD_COUNT_SECONDS,
                otherwise = "the order\'s flood")
        Double countSeconds,

        @Choice(word = "tip", from = Choice.From.TIPS, otherwise = "tipless")
        String tip,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on,

        @Choice(word = "drag", from = Choice.From.WORDS, otherwise = "none")
        WetDots.Drag drag)
        implements Detail {
    /** Sizes by word. */
    public enum Size {
        SMALL(Habit.SMALL_DOT_MM),
        MEDIUM(Habit.MEDIUM_DOT_MM),
        LARGE(Habit.LARGE_DOT_MM);

        private final Habit across;

        Size(Habit across) {
            this.across = across;
        }
    }

    @Override
    public Easier easier() {
        return pieces < 2
                ? Easier.said("A larger dot takes no longer than a small one.")
                : Easier.by("Fewer dots would be quicker.", "Half as many", Catalogue.with(this, "pieces", pieces / 2));
    }

    @Override
    public String sinks() {
        return "Wet dots";
    }

    @Override
    public void lay(Ground ground) {
        double across = diameterMm == null ? ground.mean(size.across) : diameterMm;
        List<Pose> poses = ground.stand(where, on, pieces, across);
        if (poses.isEmpty()) {
            throw new Refused(
                    "diameterMm", "A dot of %s mm does not fit there. Make it smaller.".formatted(Range.plain(across)));
        }
        if (poses.size() * Math.PI / 4 * across * across > ground.on(on).areaMm2()) {
            throw new Refused(
                    "pieces",
                    "%d dots of %s mm cover more than there is. Take fewer, or smaller ones."
                            .formatted(poses.size(), Range.plain(across)));
        }
        ground.place(
                on,
                new WetDots(
                        ground.flooding(colour, countSeconds, tip),
                        poses,
                        across,
                        ground.thicknessUnder(on),
                        ground.mean(Habit.WET_MARK_ABOVE_SHARE),
                        drag));
    }
}

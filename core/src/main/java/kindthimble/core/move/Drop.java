package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Pose;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Drops;
import kindthimble.core.mark.Icing;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** Drops, teardrops and spikes from a round tip: raised on a coat, or wet in it. */
@Word(value = "drop", says = "drops, teardrops or spikes, raised or wet", group = Kind.Group.RAISED)
public record Drop(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 200, usual = 3)
        int pieces,

        @Amount(word = "width", unit = Unit.MM, least = 0.8, most = 30, usual = 4)
        double widthMm,

        @Amount(word = "length", unit = Unit.MM, least = 0.8, most = 60, otherwise = "twice its width")
        Double lengthMm,

        @Choice(word = "sits", from = Choice.From.WORDS, usual = "RAISED")
        Sits sits,

        @Laying(from = {"SCATTERED", "ROWS", "RING", "PLACES", "EDGE", "SEAMS", "PATH", "MARKS"})
        Where where,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.OUTLINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                otherwise = "piping raised, the order's flood wet")
        Double countSeconds,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Drop(
            String colour,
            int pieces,
            double widthMm,
            Double lengthMm,
            Sits sits,
            Where where,
            String tip,
            Double countSeconds,
            Wait waits,
            String on) {
        this(colour, pieces, widthMm, lengthMm, sits, where, tip, countSeconds, waits, null, on);
    }

    /** How it lies on the coat. */
    public enum Sits {
        RAISED,
        WET
    }

    @Override
    public Easier easier() {
        return pieces < 2
                ? Easier.said("A larger drop takes no longer than a small one.")
                : Easier.by(
                        "Fewer drops would be quicker.", "Half as many", Catalogue.with(this, "pieces", pieces / 2));
    }

    @Override
    public String sinks() {
        return sits == Sits.WET ? "Wet drops" : null;
    }

    @Override
    public void lay(Ground ground) {
        double length = lengthMm == null ? 2 * widthMm : lengthMm;
        if (length < widthMm) {
            throw new Refused("lengthMm", "A drop is at least as long as it is wide. Make it longer, or narrower.");
        }
        List<Pose> poses = ground.stand(where, on, pieces, widthMm);
        if (poses.isEmpty()) {
            throw new Refused("widthMm", "A drop of that width does not fit there. Make it smaller.");
        }
        boolean wet = sits == Sits.WET;
        double seconds = countSeconds != null
                ? countSeconds
                : ground.mean(wet ? Habit.FLOOD_COUNT_SECONDS : Habit.PIPING_SECONDS);
        Icing icing = ground.piped(colour, seconds, ground.tip(tip));
        Gate gate = wet ? Gate.WET : ground.raisedGate(on, waits);
        double sunk = wet ? ground.thicknessUnder(on) * ground.mean(Habit.WET_MARK_ABOVE_SHARE) : 0;
        ground.place(on, new Drops(icing, poses, widthMm, length, sunk, gate));
    }
}

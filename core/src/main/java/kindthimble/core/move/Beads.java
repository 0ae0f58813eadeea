package kindthimble.core.move;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Spot;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Balls;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** A border of beads along the edge: one every 0.85 of their width, with tails. */
@Word(value = "bead border", says = "beads along the edge, or raised dots", group = Kind.Group.RAISED)
public record Beads(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "every other one", from = Choice.From.PALETTE, otherwise = "of the same colour")
        String second,

        @Amount(word = "size", unit = Unit.MM, least = 0.8, most = 12, usual = 3)
        double diameterMm,

        @Laying(from = {"EDGE", "SEAMS", "PATH", "RING", "SCATTERED", "ROWS", "PLACES", "MARKS"})
        Where where,

        @Amount(
                word = "how many",
                unit = Unit.PIECES,
                least = 1,
                most = 200,
                otherwise = "as many as fit; 7 raised dots")
        Integer pieces,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = Tip.OUTLINE)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_LINE_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.MEDIUM_SECONDS)
        Double countSeconds,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Beads(
            String colour,
            double diameterMm,
            Where where,
            Integer pieces,
            String tip,
            Double countSeconds,
            Wait waits,
            String on) {
        this(colour, null, diameterMm, where, pieces, tip, countSeconds, waits, null, on);
    }

    private static final int DOTS = 7;

    @Override
    public Easier easier() {
        return Easier.by(
                "A plain line round the edge would be quicker.",
                "Pipe a line instead",
                new Line(colour, Where.of(Laid.EDGE), tip, null, waits, null, on));
    }

    @Override
    public void lay(Ground ground) {
        Gate gate = ground.raisedGate(on, waits);
        List<Spot> spots = spots(ground);
        boolean two = hasSecond();
        for (int of = 0; of < (two ? 2 : 1); of++) {
            List<Spot> own = new ArrayList<>();
            for (int i = of; i < spots.size(); i += two ? 2 : 1) {
                own.add(spots.get(i));
            }
            if (!own.isEmpty()) {
                ground.place(
                        on,
                        new Balls(
                                ground.piped(of == 0 ? colour : second, countSeconds, ground.tip(tip)),
                                own,
                                diameterMm,
                                isBorder() ? ground.mean(Habit.BEAD_TAILS) : 0,
                                gate));
            }
        }
    }

    private boolean hasSecond() {
        return second != null && !second.isBlank();
    }

    @Override
    public Set<String> colours() {
        return hasSecond() ? new LinkedHashSet<>(List.of(colour, second)) : Detail.super.colours();
    }

    private boolean isBorder() {
        return where.laid().isCourse();
    }

    private List<Spot> spots(Ground ground) {
        double step = ground.mean(Habit.BEAD_STEP) * diameterMm;
        boolean asManyAsFit = isBorder() && pieces == null && where.everyMm() == null;
        Where bordered = where;
        int count = pieces == null ? DOTS : pieces;
        if (asManyAsFit && hasSecond()) {
            // An even number, so that two of one colour do not meet where a border closes.
            double length = ground.course(where, on, diameterMm / 2).lengthMm();
            count = (int) Math.max(2, 2 * Math.round(length / step / 2));
        } else if (asManyAsFit) {
            bordered = Catalogue.with(where, "everyMm", step);
        }
        List<Pose> poses = ground.stand(bordered, on, count, diameterMm);
        if (poses.isEmpty()) {
            throw new Refused("diameterMm", "A dot of that size does not fit there. Make it smaller.");
        }
        return Pose.spots(poses);
    }
}

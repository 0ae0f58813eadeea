package kindthimble.core.move;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Inner;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.drying.Gate;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Placed;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** A cookie glued on the cookie with icing; what lies on the upper one is a design of its own, and both are one piece to count and to sell. */
@Word(value = "cookie on top", says = "a smaller cookie glued on with icing", group = Kind.Group.PLACED)
public record Stack(
        @Choice(word = "glue", from = Choice.From.PALETTE) String colour,

        @Choice(word = "form", from = Choice.From.WORDS, usual = "DISC")
        SmallForm form,

        @Text(word = "own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width", unit = Unit.MM, least = 8, most = 200, usual = WIDTH_MM)
        double sizeMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 12, usual = 1)
        int pieces,

        @Laying(from = {"SCATTERED", "ROWS", "RING", "MIDDLE", "PLACES"})
        Where where,

        @Inner(word = "design of its own", otherwise = "bare")
        List<Move> moves,

        @Amount(word = "glue for each", unit = Unit.GRAMS, least = 0.1, most = 50, habit = Habit.COOKIE_GLUE_GRAMS)
        Double glueGrams,

        @Amount(
                word = "glue's count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.PIPING_SECONDS)
        Double glueSeconds,

        @Choice(word = "waits until", from = Choice.From.WORDS, usual = "DRY_THROUGH")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Stack(
            String colour,
            SmallForm form,
            String path,
            double sizeMm,
            int pieces,
            Where where,
            List<Move> moves,
            Double glueGrams,
            Double glueSeconds,
            String on) {
        this(colour, form, path, sizeMm, pieces, where, moves, glueGrams, glueSeconds, null, null, on);
    }

    static final double WIDTH_MM = 30;

    public Stack {
        moves = moves == null || moves.isEmpty() ? null : List.copyOf(moves);
    }

    /** Bare ones, scattered. */
    public Stack(String colour, SmallForm form, String path, double sizeMm, int pieces, Double glueGrams, String on) {
        this(colour, form, path, sizeMm, pieces, null, null, glueGrams, null, on);
    }

    @Override
    public Easier easier() {
        return Easier.said("Glue them on the day before: they hold better, too.")
                .alike();
    }

    @Override
    public Set<String> colours() {
        Set<String> colours = new LinkedHashSet<>();
        colours.add(colour);
        inner().forEach(move -> colours.addAll(move.colours()));
        return colours;
    }

    @Override
    public String sinks() {
        return waits == Wait.AT_ONCE ? "A cookie set in" : null;
    }

    @Override
    public List<Move> inner() {
        return moves == null ? List.of() : moves;
    }

    @Override
    public void lay(Ground ground) {
        Region cutter = SmallForm.region(form, path, sizeMm);
        Region cookie = SmallForm.region(form, path, sizeMm * (1 + ground.mean(Habit.SPREAD_PERCENT) / 100));
        Region region = ground.on(on);
        if (sizeMm > region.box().widthMm()) {
            throw new Refused("sizeMm", "A cookie that wide does not fit on this one. Make it smaller.");
        }
        List<Pose> poses = SmallDesign.lying(
                inner(), ground.stand(where, on, pieces, Math.min(sizeMm, 1.8 * region.inscribedRadiusMm())));
        List<Region> lying = poses.stream().map(cookie::at).toList();
        List<Layer> layers = new ArrayList<>();
        lying.forEach(one -> layers.add(Layer.dough(one.pathData())));
        if (!inner().isEmpty()) {
            Region iced = cookie.inset(ground.mean(Habit.MARGIN_MM));
            if (iced.isEmpty()) {
                throw new Refused("sizeMm", "Its edge margin leaves nothing of it to ice. Make it larger.");
            }
            SmallDesign design = new SmallDesign(inner(), cookie, iced, ground.kitchen());
            design.make(ground, on, poses, null, 0);
            layers.addAll(design.layers());
        }
        ground.place(
                on,
                new Placed(
                        new Icing(
                                colour,
                                new Consistency(glueSeconds),
                                ground.tip(Tip.LINE).name()),
                        lying,
                        lying.size() * glueGrams,
                        ground.mean(Habit.DOUGH_MM),
                        ground.isBare(on) ? Gate.BARE_COOKIE : waits.gate(),
                        lying.size() * ground.mean(Habit.TRANSFER_SECONDS),
                        layers,
                        cutter));
    }
}

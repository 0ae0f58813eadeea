package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Collections;
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
import kindthimble.core.geometry.CoatVolume;
import kindthimble.core.geometry.Limb;
import kindthimble.core.geometry.Lines;
import kindthimble.core.geometry.Pose;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.kitchen.Filling;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Ahead;
import kindthimble.core.mark.Assembled;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Placed;
import kindthimble.core.mark.Transfers;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * A small design of its own, iced on film days ahead and lifted on: a form with its own coat and, where wanted, a second colour
 * round its edge or in its middle; or with any moves of its own, in as many passes as those take.
 */
@Word(value = "transfer", says = "a small piece iced on film days ahead", group = Kind.Group.PLACED)
public record Transfer(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "form", from = Choice.From.WORDS, usual = "BOW")
        SmallForm form,

        @Text(word = "own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width", unit = Unit.MM, least = 3, most = 120, usual = WIDTH_MM)
        double sizeMm,

        @Amount(word = "on each cookie", unit = Unit.PIECES, least = 1, most = 60, usual = 1)
        int pieces,

        @Laying(from = {"SCATTERED", "ROWS", "RING", "MIDDLE", "PLACES", "EDGE", "SEAMS", "PATH", "MARKS"})
        Where where,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.MEDIUM_SECONDS)
        Double countSeconds,

        @Choice(word = "second colour", from = Choice.From.PALETTE, otherwise = "none")
        String second,

        @Choice(word = "second colour goes", from = Choice.From.WORDS, usual = "MIDDLE")
        SecondGoes secondGoes,

        @Inner(word = "design of its own", otherwise = "a plain coat")
        List<Move> moves,

        @Choice(word = "set on", from = Choice.From.WORDS, usual = "GLUED")
        SetOn setOn,

        @Choice(word = "glue", from = Choice.From.PALETTE, otherwise = "of its own colour")
        String glue,

        @Amount(
                word = "glue's count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_FLOOD_SECONDS,
                most = Consistency.STIFF_SECONDS,
                habit = Habit.PIPING_SECONDS)
        Double glueSeconds,

        @Choice(word = "stands up", from = Choice.From.WORDS, otherwise = "no")
        Standing standing,

        @Choice(word = "breaks easily", from = Choice.From.WORDS, otherwise = "by its width")
        Fragile fragile,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Transfer(
            String colour,
            SmallForm form,
            String path,
            double sizeMm,
            int pieces,
            Where where,
            Double countSeconds,
            String second,
            SecondGoes secondGoes,
            List<Move> moves,
            SetOn setOn,
            String glue,
            Double glueSeconds,
            Standing standing,
            Fragile fragile,
            Wait waits,
            String on) {
        this(
                colour,
                form,
                path,
                sizeMm,
                pieces,
                where,
                countSeconds,
                second,
                secondGoes,
                moves,
                setOn,
                glue,
                glueSeconds,
                standing,
                fragile,
                waits,
                null,
                on);
    }

    static final double WIDTH_MM = 20;

    public Transfer {
        moves = moves == null || moves.isEmpty() ? null : List.copyOf(moves);
    }

    /** A plain coat, with a second colour where that is given. */
    public Transfer(
            String colour,
            SmallForm form,
            String path,
            double sizeMm,
            int pieces,
            Where where,
            Double countSeconds,
            String second,
            SecondGoes secondGoes,
            SetOn setOn,
            Standing standing,
            Fragile fragile,
            Wait waits,
            String on) {
        this(
                colour,
                form,
                path,
                sizeMm,
                pieces,
                where,
                countSeconds,
                second,
                secondGoes,
                null,
                setOn,
                null,
                null,
                standing,
                fragile,
                waits,
                on);
    }

    /** How wide a second colour's line, how large its middle is drawn, in shares of the width. */
    private static final double MIDDLE_SHARE = 0.22;

    /** Where a second colour goes. */
    public enum SecondGoes {
        MIDDLE,
        EDGE
    }

    /** How it gets on the cookie. */
    public enum SetOn {
        /** Into the wet coat. */
        DROPPED,
        /** On a dry one, with a little icing. */
        GLUED
    }

    /** Whether it is put together and dries again. */
    public enum Standing {
        STANDING
    }

    /** Whether more spares are made. */
    public enum Fragile {
        YES,
        NO
    }

    @Override
    public Set<String> colours() {
        Set<String> colours = new LinkedHashSet<>();
        colours.add(colour);
        if (hasSecond()) {
            colours.add(second);
        }
        if (glue != null && !glue.isBlank()) {
            colours.add(glue);
        }
        inner().forEach(move -> colours.addAll(move.colours()));
        return colours;
    }

    /** What is made on film, whatever it goes on and however it gets there: alike where two pieces are. */
    public Transfer piece() {
        return new Transfer(
                colour,
                form,
                path,
                sizeMm,
                1,
                null,
                countSeconds,
                second,
                secondGoes,
                moves,
                null,
                null,
                null,
                standing,
                fragile,
                null,
                null,
                null);
    }

    @Override
    public List<Move> inner() {
        return moves == null ? List.of() : moves;
    }

    @Override
    public Easier easier() {
        return Easier.said("Make them on a quiet day: they keep for months.").alike();
    }

    @Override
    public String sinks() {
        return setOn == SetOn.DROPPED ? "Transfers dropped in" : null;
    }

    /** Half the width of its thinnest limb, in mm, or of the largest circle in it. */
    public double thinnestRadiusMm(double fragileMm) {
        return Limb.radiusMm(SmallForm.region(form, path, sizeMm), fragileMm + 1);
    }

    @Override
    public void lay(Ground ground) {
        Region piece = SmallForm.region(form, path, sizeMm);
        double fragileMm = ground.mean(Habit.FRAGILE_RADIUS_MM);
        boolean breaks = fragile == null ? thinnestRadiusMm(fragileMm) < fragileMm : fragile == Fragile.YES;
        List<Pose> poses = SmallDesign.lying(inner(), poses(ground, piece));
        List<Region> lying = poses.stream().map(piece::at).toList();
        Ahead ahead = new Ahead(
                lying.size(),
                ground.mean(breaks ? Habit.FRAGILE_SPARE_SHARE : Habit.TRANSFER_SPARE_SHARE),
                ground.habits().pieces(Habit.LEAST_TRANSFER_SPARES));
        double filmMm2 = lying.size() * piece.areaMm2() * ground.mean(Habit.FILM_TIMES_AREA);
        List<Layer> layers = new ArrayList<>();
        int passes = 1;
        if (inner().isEmpty()) {
            double mm3 = CoatVolume.mm3(piece, ground.mean(Habit.TRANSFER_MM));
            ground.place(
                    on,
                    new Transfers(icing(colour), lying.size() * mm3, lying.size() * piece.areaMm2(), filmMm2, ahead));
            lying.forEach(region -> layers.add(new Layer(Layer.Role.RAISED, colour, region.pathData(), null)));
            if (hasSecond()) {
                second(ground, piece, lying, ahead, layers);
            }
        } else {
            SmallDesign design = new SmallDesign(inner(), piece, piece, onFilm(ground.kitchen()));
            passes = design.make(ground, on, poses, ahead, filmMm2);
            layers.addAll(design.layers());
        }
        if (standing != null) {
            double hands = lying.size() * ground.mean(Habit.TRANSFER_SECONDS);
            ground.place(passes + 1, ground.named(on), new Assembled(lying.size(), ahead, hands));
        }
        set(ground, lying, layers);
    }

    /** On film every coat is as thick as a transfer, whatever its count, and is done as she says. */
    private static Kitchen onFilm(Kitchen kitchen) {
        return kitchen.with(Habit.COAT_MM, kitchen.mean(Habit.TRANSFER_MM))
                .with(Habit.COAT_MM_PER_SECOND, 0.0)
                .with(Filling.WALL_AND_FLOOD);
    }

    private boolean hasSecond() {
        return second != null && !second.isBlank();
    }

    private Icing icing(String of) {
        return new Icing(of, new Consistency(countSeconds), null);
    }

    /** Its second colour: a piped line round the edge, or a half ball on the middle. */
    private void second(Ground ground, Region piece, List<Region> lying, Ahead ahead, List<Layer> layers) {
        double opening = ground.tip(Tip.LINE).openingMm();
        double mm3;
        if (secondGoes == SecondGoes.EDGE) {
            Lines edge = Strokes.alongEdge(piece, opening / 2);
            mm3 = edge.lengthMm() * Math.PI * opening * opening / 4;
            lying.forEach(region -> layers.add(new Layer(
                    Layer.Role.RAISED,
                    second,
                    Strokes.alongEdge(region, opening / 2).pathData(),
                    opening)));
        } else {
            double across = Math.min(MIDDLE_SHARE * sizeMm, 2 * piece.inscribedRadiusMm());
            mm3 = Math.PI * Math.pow(across, 3) / 12;
            lying.forEach(region -> layers.add(new Layer(
                    Layer.Role.RAISED,
                    second,
                    SmallForm.region(SmallForm.DISC, null, across)
                            .moved(region.middle().x(), region.middle().y())
                            .pathData(),
                    null)));
        }
        ground.place(on, new Transfers(icing(second), lying.size() * mm3, 0, 0, ahead));
    }

    private List<Pose> poses(Ground ground, Region piece) {
        double across = Math.max(piece.box().widthMm(), piece.box().heightMm());
        if (ground.whole().box().widthMm() < piece.box().widthMm()) {
            throw new Refused("sizeMm", "A transfer that wide does not fit on this cookie. Make it smaller.");
        }
        List<Pose> poses = ground.stand(where, on, pieces, across);
        if (poses.isEmpty()) {
            poses = Collections.nCopies(pieces, Pose.at(ground.on(on).inside()));
        }
        return poses;
    }

    private void set(Ground ground, List<Region> lying, List<Layer> layers) {
        boolean dropped = setOn == SetOn.DROPPED;
        Gate gate = dropped ? Gate.WET : ground.raisedGate(on, waits);
        double hands = lying.size() * ground.mean(Habit.TRANSFER_SECONDS);
        Icing under = dropped
                ? null
                : new Icing(
                        glue == null || glue.isBlank() ? colour : glue,
                        new Consistency(glueSeconds),
                        ground.tip(Tip.LINE).name());
        double glueGrams = dropped ? 0 : lying.size() * ground.mean(Habit.GLUE_GRAMS);
        ground.place(on, new Placed(under, lying, glueGrams, ground.mean(Habit.TRANSFER_MM), gate, hands, layers));
    }
}

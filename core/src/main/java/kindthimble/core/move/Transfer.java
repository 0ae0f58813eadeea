package kindthimble.core.move;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
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
import kindthimble.core.kitchen.Tip;
import kindthimble.core.mark.Ahead;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Layer;
import kindthimble.core.mark.Placed;
import kindthimble.core.mark.Transfers;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/**
 * A small design of its own, iced on film days ahead and lifted on: a form with its own coat and, where wanted, a second colour
 * round its edge or in its middle.
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

        @Choice(word = "set on", from = Choice.From.WORDS, usual = "GLUED")
        SetOn setOn,

        @Choice(word = "stands up", from = Choice.From.WORDS, otherwise = "no")
        Standing standing,

        @Choice(word = "breaks easily", from = Choice.From.WORDS, otherwise = "by its width")
        Fragile fragile,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    static final double WIDTH_MM = 20;

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
        return colours;
    }

    @Override
    public Easier easier() {
        return Easier.said("Make them on a quiet day: they keep for months.");
    }

    @Override
    public String sinks() {
        return setOn == SetOn.DROPPED ? "Transfers dropped in" : null;
    }

    @Override
    public void lay(Ground ground) {
        Region piece = SmallForm.region(form, path, sizeMm);
        double radius = Limb.radiusMm(piece, ground.mean(Habit.FRAGILE_RADIUS_MM) + 1);
        boolean breaks = fragile == null ? radius < ground.mean(Habit.FRAGILE_RADIUS_MM) : fragile == Fragile.YES;
        List<Region> lying = lying(ground, piece);
        Ahead ahead = new Ahead(
                lying.size(),
                ground.mean(breaks ? Habit.FRAGILE_SPARE_SHARE : Habit.TRANSFER_SPARE_SHARE),
                ground.habits().pieces(Habit.LEAST_TRANSFER_SPARES));
        ground.place(
                on,
                new Transfers(
                        icing(colour),
                        lying.size() * CoatVolume.mm3(piece, ground.mean(Habit.TRANSFER_MM)),
                        lying.size() * piece.areaMm2(),
                        lying.size() * piece.areaMm2() * ground.mean(Habit.FILM_TIMES_AREA),
                        ahead,
                        radius));
        List<Layer> layers = new ArrayList<>();
        lying.forEach(region -> layers.add(new Layer(Layer.Role.RAISED, colour, region.pathData(), null)));
        if (hasSecond()) {
            second(ground, piece, lying, ahead, layers);
        }
        set(ground, lying, layers);
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
        ground.place(
                on,
                new Transfers(
                        icing(second),
                        lying.size() * mm3,
                        0,
                        0,
                        ahead,
                        Limb.radiusMm(piece, ground.mean(Habit.FRAGILE_RADIUS_MM) + 1)));
    }

    private List<Region> lying(Ground ground, Region piece) {
        double across = Math.max(piece.box().widthMm(), piece.box().heightMm());
        if (ground.whole().box().widthMm() < piece.box().widthMm()) {
            throw new Refused("sizeMm", "A transfer that wide does not fit on this cookie. Make it smaller.");
        }
        List<Pose> poses = ground.stand(where, on, pieces, across);
        if (poses.isEmpty()) {
            poses = Collections.nCopies(pieces, Pose.at(ground.on(on).inside()));
        }
        return poses.stream().map(piece::at).toList();
    }

    private void set(Ground ground, List<Region> lying, List<Layer> layers) {
        boolean dropped = setOn == SetOn.DROPPED;
        Gate gate = dropped ? Gate.WET : ground.raisedGate(on, waits);
        // What stands up is put together first and takes hold twice.
        double hands = lying.size() * ground.mean(Habit.TRANSFER_SECONDS) * (standing == null ? 1 : 2);
        Icing glue = dropped
                ? null
                : new Icing(
                        colour,
                        new Consistency(ground.mean(Habit.PIPING_SECONDS)),
                        ground.tip(Tip.LINE).name());
        double glueGrams = dropped ? 0 : lying.size() * ground.mean(Habit.GLUE_GRAMS);
        ground.place(on, new Placed(glue, lying, glueGrams, ground.mean(Habit.TRANSFER_MM), gate, hands, layers));
    }
}

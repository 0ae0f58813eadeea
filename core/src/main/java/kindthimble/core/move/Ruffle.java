package kindthimble.core.move;

import java.util.Locale;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Word;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Frill;
import kindthimble.core.mark.Icing;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** Ruffles and brush embroidery along the edge, by the centimetre; the shop weighs ten centimetres of each. */
@Word(value = "ruffle", says = "ruffles or brush embroidery along an edge, a seam or a line", group = Kind.Group.RAISED)
public record Ruffle(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "what", from = Choice.From.WORDS, usual = "RUFFLE")
        Frill.Border kind,

        @Amount(word = "width", unit = Unit.MM, least = 1, most = 20, usual = WIDTH_MM)
        Double widthMm,

        @Laying(
                word = "along",
                from = {"EDGE", "SEAMS", "PATH"})
        Where where,

        @Choice(word = "waits until", from = Choice.From.WORDS, otherwise = "the shop's school")
        Wait waits,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    static final double WIDTH_MM = 5;

    @Override
    public Easier easier() {
        return Easier.by(
                "A marker draws an edge quicker.",
                "Draw the edge with a marker",
                new Marker(colour, Marker.Drawn.EDGE, null, null, null, null, null, null, null, on));
    }

    @Override
    public void lay(Ground ground) {
        boolean ruffle = kind == Frill.Border.RUFFLE;
        Icing icing = new Icing(
                colour,
                new Consistency(ruffle ? Consistency.STIFF_SECONDS : ground.mean(Habit.PIPING_SECONDS)),
                kind.name().toLowerCase(Locale.ROOT).replace('_', ' '));
        Gate gate = ground.raisedGate(on, waits);
        ground.place(
                on,
                new Frill(
                        icing,
                        kind,
                        ground.course(where, on, widthMm / 2),
                        widthMm,
                        ground.mean(ruffle ? Habit.RUFFLE_GRAMS_PER_CM : Habit.BRUSHED_GRAMS_PER_CM),
                        gate));
    }
}

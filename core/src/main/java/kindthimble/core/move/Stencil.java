package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Laying;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.drying.Gate;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Print;
import kindthimble.core.placing.Laid;
import kindthimble.core.placing.Where;
import kindthimble.core.words.Unit;

/** Piping icing spread through a stencil on a flat dry coat. */
@Word(
        value = "stencil",
        says = "spread through a stencil on a dry coat: all over, or a motif where it belongs",
        group = Kind.Group.RAISED)
public record Stencil(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "open", unit = Unit.PERCENT, least = 1, most = 90, usual = 30)
        double openPercent,

        @Amount(word = "parts", unit = Unit.PIECES, least = 1, most = 4, usual = 1)
        Integer parts,

        @Laying(
                word = "where",
                from = {"SPREAD", "SCATTERED", "ROWS", "RING", "MIDDLE", "PLACES", "EDGE", "SEAMS", "PATH"})
        Where where,

        @Choice(word = "form", from = Choice.From.WORDS, otherwise = "a disc, or a strip along a line")
        SmallForm form,

        @Text(word = "own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width", unit = Unit.MM, least = 0.5, most = 200, usual = Motif.USUAL_MM)
        Double sizeMm,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 200, usual = Motif.USUAL_PIECES)
        Integer pieces,

        @Choice(word = "waits until", from = Choice.From.WORDS, usual = "SURFACE_DRY")
        Wait waits,

        @Amount(word = "own time", unit = Unit.MINUTES, least = 1, most = 2880, otherwise = "as long as that takes")
        Double waitMinutes,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    /** One that waits as long as that takes. */
    public Stencil(
            String colour,
            double openPercent,
            Integer parts,
            Where where,
            SmallForm form,
            String path,
            Double sizeMm,
            Integer pieces,
            Wait waits,
            String on) {
        this(colour, openPercent, parts, where, form, path, sizeMm, pieces, waits, null, on);
    }

    /** Over whole sections. */
    public Stencil(String colour, double openPercent, Integer parts, Wait waits, String on) {
        this(colour, openPercent, parts, null, null, null, null, null, waits, on);
    }

    @Override
    public Easier easier() {
        return Easier.by(
                "Airbrush through the stencil leaves nothing to scrape.",
                "Airbrush instead",
                new Airbrush(colour, where, form, path, sizeMm, pieces, Airbrush.Masked.THROUGH, on));
    }

    @Override
    public String needsCoat() {
        return "A stencil needs a dry coat under it: put a flood before it.";
    }

    @Override
    public boolean dresses() {
        return true;
    }

    @Override
    public void lay(Ground ground) {
        Gate gate = waits.gate();
        ground.place(
                on,
                new Print(
                        new Icing(
                                colour, new Consistency(ground.mean(Habit.PIPING_SECONDS)), null, Icing.Vessel.SCRAPER),
                        Motif.of(ground, where, on, form, path, sizeMm, pieces),
                        openPercent / 100,
                        ground.mean(Habit.STENCIL_MM),
                        parts,
                        gate,
                        where.laid() != Laid.SPREAD));
    }
}

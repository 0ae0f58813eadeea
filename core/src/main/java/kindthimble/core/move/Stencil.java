package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Word;
import kindthimble.core.habit.Habit;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Print;
import kindthimble.core.words.Unit;

/** Piping icing spread through a stencil on a flat dry coat. */
@Word(value = "stencil", says = "spread through a stencil on a dry coat", group = Kind.Group.RAISED)
public record Stencil(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "open", unit = Unit.PERCENT, least = 1, most = 90, usual = 30)
        double openPercent,

        @Amount(word = "parts", unit = Unit.PIECES, least = 1, most = 4, usual = 1)
        Integer parts,

        @Choice(word = "waits until", from = Choice.From.WORDS, usual = "SURFACE_DRY")
        Wait waits,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {
    @Override
    public Easier easier() {
        return Easier.by(
                "Airbrush through the stencil leaves nothing to scrape.", "Airbrush instead", new Airbrush(colour, on));
    }

    @Override
    public void lay(Ground ground) {
        Gate gate = waits.gate();
        ground.place(
                on,
                new Print(
                        new Icing(
                                colour, new Consistency(ground.mean(Habit.PIPING_SECONDS)), null, Icing.Vessel.SCRAPER),
                        ground.on(on),
                        openPercent / 100,
                        ground.mean(Habit.STENCIL_MM),
                        parts,
                        gate));
        if (gate.compareTo(Gate.SURFACE_DRY) < 0) {
            ground.warn(
                    "A stencil sticks to icing that is not dry on top, and dents it.",
                    ground.on(on),
                    Remedy.set("Wait until the surface is dry", ground.here(), "waits", Wait.SURFACE_DRY));
        }
        ground.needCoat(on, "A stencil needs a dry coat under it: put a flood before it.");
        if (!ground.isBare(on) && ground.coats().byPass(ground.named(on)).size() > 1) {
            ground.warn(
                    "A stencil wants a flat coat; these sections crease. Let them flow, or airbrush instead.",
                    ground.on(on),
                    Remedy.flowing("Let them flow"));
        } else if (ground.hasRaised(on)) {
            ground.warn(
                    "A stencil wants a flat coat; something raised lies there already.",
                    ground.on(on),
                    Remedy.replaced("Airbrush instead", ground.here(), stencil -> easier().instead()));
        }
    }
}

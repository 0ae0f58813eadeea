package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.Print;
import kindthimble.core.shop.HouseDefaults;

/** Piping icing spread through a stencil on a flat dry coat. */
@Word(value = "stencil", says = "spread through a stencil on a dry coat")
public record Stencil(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "open", unit = Unit.PERCENT, least = 1, most = 90, usual = 30)
        double openPercent,

        @Amount(word = "parts", unit = Unit.PIECES, least = 1, most = 4, usual = 1)
        Integer parts,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {

    @Override
    public void lay(Ground ground) {
        ground.place(
                on,
                new Print(
                        new Icing(colour, new Consistency(HouseDefaults.PIPING_SECONDS), null),
                        ground.on(on),
                        openPercent / 100,
                        parts == null ? 1 : parts));
        if (ground.isBare(on)) {
            ground.warn("A stencil needs a dry coat under it: put a flood before it.");
        } else if (ground.coats().passes() > 1) {
            ground.warn(
                    "A stencil wants a flat coat; these sections crease. Let them flow, or airbrush instead.",
                    "Let them flow",
                    moves -> moves.stream().map(Stencil::flowing).toList());
        }
    }

    private static Move flowing(Move move) {
        return move instanceof Flood f
                ? new Flood(f.colour(), f.countSeconds(), f.fullness(), f.tip(), f.on(), Seam.FLOW)
                : move;
    }
}

package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Balls;
import kindthimble.core.shop.HouseDefaults;

/** A border of beads along the edge: one every 0.85 of their width, with tails. */
@Word(value = "bead border", says = "beads along the edge")
public record Beads(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "size", unit = Unit.MM, least = 0.8, most = 12, usual = 3)
        double diameterMm,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = HouseDefaults.OUTLINE_TIP)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_MEDIUM_SECONDS,
                most = HouseDefaults.STIFF_BASE_SECONDS,
                usual = HouseDefaults.MEDIUM_SECONDS)
        Double countSeconds,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {

    @Override
    public void lay(Ground ground) {
        ground.place(
                on,
                new Balls(
                        ground.piped(
                                colour,
                                countSeconds,
                                HouseDefaults.MEDIUM_SECONDS,
                                ground.tip(tip, HouseDefaults.OUTLINE_TIP)),
                        ground.alongEdge(ground.on(on), diameterMm / 2).beads(HouseDefaults.BEAD_STEP * diameterMm),
                        diameterMm,
                        HouseDefaults.BEAD_TAILS,
                        ground.raisedGate(on)));
    }
}

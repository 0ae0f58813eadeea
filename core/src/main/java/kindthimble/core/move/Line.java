package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Bead;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.Tip;

/** A raised line along the edge of sections, by the shop's school of detail. */
@Word(value = "line", says = "a raised line round the edge")
public record Line(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = HouseDefaults.LINE_TIP)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_MEDIUM_SECONDS,
                most = HouseDefaults.STIFF_BASE_SECONDS,
                usual = HouseDefaults.PIPING_SECONDS)
        Double countSeconds,

        @Amount(word = "inside the edge", unit = Unit.MM, least = 0, most = 100, otherwise = "half a bead")
        Double insetMm,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {

    @Override
    public void lay(Ground ground) {
        Tip laidWith = ground.tip(tip, HouseDefaults.LINE_TIP);
        ground.place(
                on,
                new Bead(
                        ground.piped(colour, countSeconds, HouseDefaults.PIPING_SECONDS, laidWith),
                        ground.alongEdge(ground.on(on), insetMm == null ? laidWith.openingMm() / 2 : insetMm),
                        laidWith.openingMm(),
                        1,
                        ground.raisedGate(on),
                        HouseDefaults.RAISED_SECONDS_PER_CM));
    }
}

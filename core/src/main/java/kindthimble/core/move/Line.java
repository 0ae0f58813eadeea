package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.Tip;

/** A raised line round the edge, on the coat once it is firm. */
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
        Double insetMm)
        implements Move {

    @Override
    public Laid lay(Ground ground) {
        Tip laidWith = ground.tip(tip, HouseDefaults.LINE_TIP);
        Icing icing = new Icing(
                colour,
                new Consistency(countSeconds == null ? HouseDefaults.PIPING_SECONDS : countSeconds),
                laidWith.name());
        Bead bead = new Bead(
                icing,
                Edge.line(ground.region(), insetMm == null ? laidWith.openingMm() / 2 : insetMm),
                laidWith.openingMm(),
                1,
                Gate.FIRM);
        return Laid.of(bead, ground);
    }
}

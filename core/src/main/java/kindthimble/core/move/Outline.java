package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Region;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Bead;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.Tip;

/** A bead round the region that keeps the flood in. Its centre line runs half a bead inside the edge. */
@Word(value = "outline", says = "a bead round the edge, to hold the flood")
public record Outline(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = HouseDefaults.OUTLINE_TIP)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_MEDIUM_SECONDS,
                most = HouseDefaults.STIFF_BASE_SECONDS,
                usual = HouseDefaults.PIPING_SECONDS)
        Double countSeconds,

        @Amount(word = "draw", unit = Unit.TIMES, least = 0.5, most = 1.2, usual = HouseDefaults.DRAW)
        Double draw)
        implements Move {

    @Override
    public Laid lay(Ground ground) {
        Tip laidWith = ground.tip(tip, HouseDefaults.OUTLINE_TIP);
        Icing icing = new Icing(
                colour,
                new Consistency(countSeconds == null ? HouseDefaults.PIPING_SECONDS : countSeconds),
                laidWith.name());
        Region centreLine = Edge.line(ground.region(), laidWith.openingMm() / 2);
        Bead bead = new Bead(
                icing, centreLine, laidWith.openingMm(), draw == null ? HouseDefaults.DRAW : draw, Gate.BARE_COOKIE);
        return ground.isBare()
                ? Laid.of(bead, ground.outlined(bead.volumeMm3()))
                : Laid.of(bead, ground, "An outline comes before the flood that it holds: move it up.");
    }
}

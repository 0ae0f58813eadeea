package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;

/** Medium icing spread with a spatula, smooth or pressed with a texture sheet: area times thickness. */
@Word(value = "spatula coat", says = "spread on, smooth or under a texture sheet")
public record Spatula(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "thickness", unit = Unit.MM, least = 1, most = 8, usual = HouseDefaults.SPATULA_MM)
        Double spreadMm,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = HouseDefaults.LEAST_FLOOD_SECONDS,
                most = HouseDefaults.STIFF_BASE_SECONDS,
                usual = HouseDefaults.MEDIUM_SECONDS)
        Double countSeconds,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "what no other coat covers")
        String on)
        implements Coating {

    @Override
    public Seam seam() {
        return Seam.CREASE;
    }

    @Override
    public double thicknessMm(double orderFloodSeconds) {
        return spreadMm == null ? HouseDefaults.SPATULA_MM : spreadMm;
    }

    @Override
    public void lay(Ground ground) {
        double thickness = thicknessMm(ground.orderFloodSeconds());
        Icing icing = new Icing(
                colour, new Consistency(countSeconds == null ? HouseDefaults.MEDIUM_SECONDS : countSeconds), null);
        Spread.over(ground, icing, thickness, 1, (section, region) -> region.areaMm2() * thickness);
    }
}

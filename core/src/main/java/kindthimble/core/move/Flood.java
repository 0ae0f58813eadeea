package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.CoatVolume;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;

/** Fills the region with icing that levels by itself. Takes the coat's volume, less the outline that stands in it already. */
@Word(value = "flood", says = "fills the shape and levels")
public record Flood(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = HouseDefaults.LEAST_FLOOD_SECONDS,
                most = HouseDefaults.MOST_FLOOD_SECONDS,
                otherwise = "the order's flood")
        Double countSeconds,

        @Amount(word = "fullness", unit = Unit.TIMES, least = 0.5, most = 1.5, usual = HouseDefaults.FULLNESS)
        Double fullness,

        @Choice(word = "tip", from = Choice.From.TIPS, otherwise = "tipless")
        String tip)
        implements Move {

    @Override
    public Laid lay(Ground ground) {
        double count = ground.floodSeconds(countSeconds);
        double thickness = HouseDefaults.coatThicknessMm(count);
        double full =
                CoatVolume.mm3(ground.region(), thickness) * (fullness == null ? HouseDefaults.FULLNESS : fullness);
        String tipName =
                tip == null || tip.isBlank() ? null : ground.shop().tip(tip).name();
        Icing icing = new Icing(colour, new Consistency(count), tipName);
        Coat coat = new Coat(icing, ground.region(), thickness, Math.max(0, full - ground.outlineMm3()));
        return ground.isBare()
                ? Laid.of(coat, ground.flooded(thickness))
                : Laid.of(
                        coat,
                        ground.flooded(thickness),
                        "This is a second flood over the first: both are counted in full.");
    }
}

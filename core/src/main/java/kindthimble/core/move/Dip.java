package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.shop.HouseDefaults;

/** Face down into a bowl of glaze, lifted and drained. */
@Word(value = "dip", says = "face down into a bowl of glaze")
public record Dip(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = HouseDefaults.LEAST_FLOOD_SECONDS,
                most = 12,
                usual = HouseDefaults.GLAZE_SECONDS)
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
        return HouseDefaults.DIP_MM;
    }

    @Override
    public void lay(Ground ground) {
        Icing icing = new Icing(
                colour, new Consistency(countSeconds == null ? HouseDefaults.GLAZE_SECONDS : countSeconds), null);
        Spread.over(
                ground,
                icing,
                HouseDefaults.DIP_MM,
                1,
                (section, region) -> ground.coats().mm3(section, region, HouseDefaults.DIP_MM));
    }
}

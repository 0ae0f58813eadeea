package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Lines;
import kindthimble.core.mark.WetLines;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.Tip;

/** Lines laid into the wet coat; a needle drawn across them feathers or marbles them. */
@Word(value = "wet line", says = "lines that sink into the flood; dragged, they feather")
public record Stripe(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 40, usual = 5)
        int pieces,

        @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = HouseDefaults.OUTLINE_TIP)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = HouseDefaults.LEAST_FLOOD_SECONDS,
                most = HouseDefaults.MOST_FLOOD_SECONDS,
                otherwise = "the order's flood")
        Double countSeconds,

        @Amount(word = "drags across", unit = Unit.PIECES, least = 0, most = 40, usual = 0)
        Integer drags,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {

    @Override
    public void lay(Ground ground) {
        Tip laidWith = ground.tip(tip, HouseDefaults.OUTLINE_TIP);
        Lines lines = Strokes.across(
                ground.on(on),
                pieces,
                tiltDegrees == null ? 0 : tiltDegrees,
                drags != null && drags > 0 ? Strokes.Form.WAVY : Strokes.Form.STRAIGHT);
        ground.place(
                on,
                new WetLines(
                        ground.flooding(colour, countSeconds, laidWith.name()),
                        lines,
                        laidWith.openingMm() * HouseDefaults.WET_LINE_SPREAD,
                        ground.thicknessUnder(on),
                        drags == null ? 0 : drags));
        ground.needWetCoat(on, "Wet lines");
    }
}

package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Scatter;
import kindthimble.core.mark.WetDots;
import kindthimble.core.shop.HouseDefaults;

/** Dots dropped into the wet coat, spread evenly; drawn through with a needle they become hearts. */
@Word(value = "dot", says = "wet dots that sink into the flood; dragged, they are hearts")
public record Dot(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 200, usual = 6)
        int pieces,

        @Amount(word = "size", unit = Unit.MM, least = 0.5, most = 60, usual = 5)
        double diameterMm,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = HouseDefaults.LEAST_FLOOD_SECONDS,
                most = HouseDefaults.MOST_FLOOD_SECONDS,
                otherwise = "the order's flood")
        Double countSeconds,

        @Choice(word = "tip", from = Choice.From.TIPS, otherwise = "tipless")
        String tip,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on,

        @Choice(word = "drag", from = Choice.From.WORDS, otherwise = "none")
        HeartDrag drag)
        implements Detail {

    /** What a needle does to dots. */
    public enum HeartDrag {
        HEARTS
    }

    @Override
    public void lay(Ground ground) {
        Region region = ground.on(on);
        Region room = region.inset(diameterMm / 2);
        if (room.isEmpty()) {
            throw new Refused(
                    "diameterMm",
                    "A dot of %s mm does not fit there. Make it smaller.".formatted(Catalogue.plain(diameterMm)));
        }
        if (pieces * Math.PI / 4 * diameterMm * diameterMm > region.areaMm2()) {
            throw new Refused(
                    "pieces",
                    "%d dots of %s mm cover more than there is. Take fewer, or smaller ones."
                            .formatted(pieces, Catalogue.plain(diameterMm)));
        }
        ground.place(
                on,
                new WetDots(
                        ground.flooding(colour, countSeconds, tip),
                        Scatter.over(room, pieces),
                        diameterMm,
                        ground.thicknessUnder(on),
                        drag == null ? 0 : pieces));
        ground.needWetCoat(on, "Wet dots");
    }
}

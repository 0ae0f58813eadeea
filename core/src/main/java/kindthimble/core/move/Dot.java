package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Catalogue;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Region;
import kindthimble.core.geometry.Scatter;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Icing;
import kindthimble.core.mark.WetDots;
import kindthimble.core.shop.HouseDefaults;

/** Dots dropped into the wet coat, spread evenly over the region. */
@Word(value = "dot", says = "wet dots that sink into the flood")
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
        String tip)
        implements Move {

    @Override
    public Laid lay(Ground ground) {
        Region room = ground.region().inset(diameterMm / 2);
        if (room.isEmpty()) {
            throw new Refused(
                    "diameterMm",
                    "A dot of %s mm does not fit on this cookie. Make it smaller."
                            .formatted(Catalogue.plain(diameterMm)));
        }
        if (pieces * Math.PI / 4 * diameterMm * diameterMm > ground.region().areaMm2()) {
            throw new Refused(
                    "pieces",
                    "%d dots of %s mm cover more than this cookie has. Take fewer, or smaller ones."
                            .formatted(pieces, Catalogue.plain(diameterMm)));
        }
        double count = ground.floodSeconds(countSeconds);
        double coatMm = ground.isBare() ? HouseDefaults.coatThicknessMm(ground.floodSeconds()) : ground.coatMm();
        String tipName =
                tip == null || tip.isBlank() ? null : ground.shop().tip(tip).name();
        WetDots dots = new WetDots(
                new Icing(colour, new Consistency(count), tipName), Scatter.over(room, pieces), diameterMm, coatMm);
        return ground.isBare()
                ? Laid.of(dots, ground, "Wet dots need a wet coat to sink into: put a flood before them.")
                : Laid.of(dots, ground);
    }
}

package kindthimble.core.move;

import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Region;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Turn;
import kindthimble.core.shop.HouseDefaults;

/** Paint or dust on a coat that is dry through. */
@Word(value = "paint", says = "paint or dust on a dry coat")
public record Paint(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {

    @Override
    public void lay(Ground ground) {
        Region region = ground.on(on);
        ground.place(
                on,
                new Dressing(
                        colour,
                        region.pathData(),
                        null,
                        0,
                        region.areaMm2(),
                        Gate.DRY_THROUGH,
                        Turn.MARKER,
                        region.areaMm2() / 100 * HouseDefaults.PAINT_SECONDS_PER_CM2));
        if (ground.isBare(on)) {
            ground.warn("Paint goes on a coat that is dry through: put a flood before it.");
        }
    }
}

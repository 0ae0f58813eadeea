package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Lines;
import kindthimble.core.mark.Dressing;
import kindthimble.core.mark.Gate;
import kindthimble.core.mark.Turn;
import kindthimble.core.shop.HouseDefaults;

/** Lines drawn with a food marker: as a guide on the bare cookie, or last of all on a dry coat. */
@Word(value = "marker", says = "drawn lines: a guide, or the last touch")
public record Marker(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 60, usual = 3)
        int pieces,

        @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Trim {

    @Override
    public void lay(Ground ground) {
        Lines lines =
                Strokes.across(ground.on(on), pieces, tiltDegrees == null ? 0 : tiltDegrees, Strokes.Form.STRAIGHT);
        boolean guide = ground.isBare(on);
        ground.place(
                on,
                new Dressing(
                        colour,
                        lines.pathData(),
                        HouseDefaults.MARKER_MM,
                        lines.lengthMm(),
                        0,
                        guide ? Gate.BARE_COOKIE : Gate.SURFACE_DRY,
                        guide ? Turn.COAT : Turn.MARKER,
                        lines.lengthMm() / 10 * HouseDefaults.MARKER_SECONDS_PER_CM));
    }
}

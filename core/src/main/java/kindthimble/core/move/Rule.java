package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.icing.Consistency;
import kindthimble.core.mark.Bead;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.Tip;

/** Raised lines across sections: straight, wavy, scalloped or zigzag. */
@Word(value = "raised lines", says = "raised lines across, straight or curled")
public record Rule(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,

        @Amount(word = "how many", unit = Unit.PIECES, least = 1, most = 60, usual = 1)
        int pieces,

        @Choice(word = "run", from = Choice.From.WORDS, otherwise = "straight")
        Strokes.Form form,

        @Amount(word = "tilt", unit = Unit.DEGREES, least = -90, most = 90, usual = 0)
        Double tiltDegrees,

        @Choice(word = "tip", from = Choice.From.TIPS, usual = HouseDefaults.LINE_TIP)
        String tip,

        @Amount(
                word = "count",
                unit = Unit.SECONDS,
                least = Consistency.LEAST_MEDIUM_SECONDS,
                most = HouseDefaults.STIFF_BASE_SECONDS,
                usual = HouseDefaults.PIPING_SECONDS)
        Double countSeconds,

        @Choice(word = "on", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String on)
        implements Detail {

    @Override
    public void lay(Ground ground) {
        Tip laidWith = ground.tip(tip, HouseDefaults.LINE_TIP);
        ground.place(
                on,
                new Bead(
                        ground.piped(colour, countSeconds, HouseDefaults.PIPING_SECONDS, laidWith),
                        Strokes.across(
                                ground.on(on),
                                pieces,
                                tiltDegrees == null ? 0 : tiltDegrees,
                                form == null ? Strokes.Form.STRAIGHT : form),
                        laidWith.openingMm(),
                        1,
                        ground.raisedGate(on),
                        HouseDefaults.RAISED_SECONDS_PER_CM));
    }
}

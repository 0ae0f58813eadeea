package kindthimble.core.move;

import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Refused;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Unit;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Across;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.icing.Consistency;
import kindthimble.core.lettering.Letters;
import kindthimble.core.mark.Bead;
import kindthimble.core.shop.HouseDefaults;
import kindthimble.core.shop.Tip;

/**
 * Piped writing in the shipped face of even strokes. The length of its strokes comes from their outline: a stroke of length L and
 * width w has the area {@code L w} and the edge {@code 2 L + 2 w}.
 */
@Word(value = "writing", says = "piped letters")
public record Writing(
        @Choice(word = "colour", from = Choice.From.PALETTE) String colour,
        @Text(word = "text", longest = 40, usual = "Hello") String text,

        @Amount(word = "height", unit = Unit.MM, least = 2, most = 80, usual = 9)
        double heightMm,

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
        Region region = ground.on(on);
        Box box = region.box();
        Region letters;
        try {
            letters = Letters.WRITTEN
                    .written(text == null || text.isBlank() ? "Hello" : text)
                    .fitted(heightMm, Across.HEIGHT)
                    .moved(box.x() + box.widthMm() / 2, box.y() + box.heightMm() / 2);
        } catch (Refused refused) {
            throw new Refused("text", refused.getMessage());
        }
        double stroke = letters.strokeWidthMm();
        ground.place(
                on,
                new Bead(
                        ground.piped(colour, countSeconds, HouseDefaults.PIPING_SECONDS, laidWith),
                        letters.inset(stroke * 0.42).edge(),
                        laidWith.openingMm(),
                        letters.areaMm2()
                                / stroke
                                / letters.inset(stroke * 0.42).perimeterMm(),
                        ground.raisedGate(on),
                        HouseDefaults.WRITING_SECONDS_PER_CM));
        if (stroke < laidWith.openingMm()) {
            ground.warn("At this height a stroke is %.1f mm wide, finer than tip %s. Write larger, or take a finer tip."
                    .formatted(stroke, laidWith.name()));
        }
        if (letters.areaMm2() - region.intersection(letters).areaMm2() > 0.02 * letters.areaMm2()) {
            ground.warn("The writing reaches over the edge. Write smaller, or fewer letters.");
        }
    }
}

package kindthimble.core.move;

import java.util.List;
import kindthimble.core.catalogue.Amount;
import kindthimble.core.catalogue.Choice;
import kindthimble.core.catalogue.Kind;
import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.cutter.SmallForm;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;
import kindthimble.core.words.Unit;

/** A form laid into the coat around it, or any closed outline. */
@Word(value = "inlay", says = "a form, or your own outline, and the ground around it", group = Kind.Group.DIVIDE)
public record Inlay(
        @Text(word = "called", longest = 1, usual = "a") String key,

        @Choice(word = "of", from = Choice.From.SECTIONS, otherwise = "the whole cookie")
        String of,

        @Choice(word = "form", from = Choice.From.WORDS, usual = "HEART")
        SmallForm form,

        @Text(word = "own outline", longest = 20_000, usual = "")
        String path,

        @Amount(word = "width", unit = Unit.MM, least = 2, most = 280, usual = INLAY_MM)
        double widthMm,

        @Amount(word = "to the right", unit = Unit.MM, least = -150, most = 150, usual = 0)
        Double rightMm,

        @Amount(word = "down", unit = Unit.MM, least = -150, most = 150, usual = 0)
        Double downMm)
        implements Division {
    @Override
    public List<Region> sections(Region whole) {
        Box box = whole.box();
        Region inlaid = SmallForm.region(form, path, widthMm)
                .moved(box.x() + box.widthMm() / 2 + rightMm, box.y() + box.heightMm() / 2 + downMm);
        Region inside = whole.intersection(inlaid);
        if (inside.isEmpty()) {
            throw new Refused("rightMm", "This form lies beside the section. Bring it nearer.");
        }
        Region around = whole.difference(inlaid);
        if (around.isEmpty()) {
            throw new Refused("widthMm", "This form covers the whole section. Make it smaller.");
        }
        return List.of(inside, around);
    }
}

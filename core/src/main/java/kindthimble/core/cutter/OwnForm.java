package kindthimble.core.cutter;

import kindthimble.core.catalogue.Text;
import kindthimble.core.catalogue.Word;
import kindthimble.core.geometry.Pen;
import kindthimble.core.lettering.Letters;
import kindthimble.core.words.Refused;

/** Forms told by text or by a drawing. */
public sealed interface OwnForm extends CutterShape {

    /**
     * @param letter one letter or digit of the shipped face
     */
    @Word(value = "letter", says = "one letter or digit")
    record Letter(
            @Text(word = "letter", longest = 1, usual = "K") String letter) implements OwnForm {
        @Override
        public Pen drawn() {
            return Letters.CUT.written(letter);
        }
    }

    /**
     * @param path closed outlines as SVG path data, in any unit
     * @param called what the shop calls it; null for nothing
     */
    @Word(value = "own outline", says = "any closed path, as SVG path data")
    record Drawn(
            @Text(word = "path", longest = 20_000, usual = "M0 0H60V40L30 70L0 40Z")
            String path,

            @Text(word = "called", longest = 60, usual = "own outline")
            String called)
            implements OwnForm {
        /** One without a name. */
        public Drawn(String path) {
            this(path, null);
        }

        @Override
        public Pen drawn() {
            try {
                return Pen.following(path);
            } catch (IllegalArgumentException e) {
                throw new Refused("path", "This path can't be read: " + e.getMessage() + ".");
            }
        }
    }
}

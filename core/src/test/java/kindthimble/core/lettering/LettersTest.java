package kindthimble.core.lettering;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.stream.Stream;
import kindthimble.core.geometry.Region;
import kindthimble.core.words.Refused;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Both shipped faces. */
class LettersTest {
    private static final String ALL = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789&!?.,-ÄÖÜäöüß";

    static Stream<Letters> faces() {
        return Stream.of(Letters.CUT, Letters.WRITTEN);
    }

    private static Region region(Letters face, String text) {
        return face.written(text).region();
    }

    @ParameterizedTest
    @MethodSource("faces")
    void everyLetterIsDrawn(Letters face) {
        ALL.codePoints().mapToObj(Character::toString).forEach(letter -> {
            Region drawn = region(face, letter);
            assertTrue(drawn.areaMm2() > 1_000, letter + " has " + drawn.areaMm2());
            assertTrue(drawn.box().heightMm() < 1_500, letter);
        });
    }

    /** Letters stand one after the other: of a word no letter is lost, and each stands as far as the one before is wide. */
    @ParameterizedTest
    @MethodSource("faces")
    void aWordIsItsLettersSideBySide(Letters face) {
        for (String word : new String[] {"HILL", "nnn", "1881"}) {
            double each = word.codePoints()
                    .mapToObj(Character::toString)
                    .mapToDouble(letter -> region(face, letter).areaMm2())
                    .sum();
            assertEquals(each, region(face, word).areaMm2(), each * 0.02, word);
        }
        double one = region(face, "n").box().widthMm();
        double two = region(face, "nn").box().widthMm();
        double three = region(face, "nnn").box().widthMm();
        assertEquals(three - two, two - one, 1e-6, "each as far from the one before");
    }

    @ParameterizedTest
    @MethodSource("faces")
    void aSpaceMovesOnAndDrawsNothing(Letters face) {
        assertEquals(region(face, "nn").areaMm2(), region(face, "n n").areaMm2(), 1);
        double gap =
                region(face, "n n").box().widthMm() - region(face, "nn").box().widthMm();
        double more =
                region(face, "n  n").box().widthMm() - region(face, "n n").box().widthMm();
        assertEquals(gap, more, 1e-6);
        assertTrue(gap > 100);
    }

    /** An O has a hole in it, an A too: they are less than what their outside holds. */
    @ParameterizedTest
    @ValueSource(strings = {"O", "A", "8", "e"})
    void lettersHaveTheirHoles(String letter) {
        Region drawn = region(Letters.CUT, letter);
        assertTrue(drawn.withoutHoles().areaMm2() > drawn.areaMm2() * 1.02, letter);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "  ", "\u2603", "kite \uD83E\uDE81"})
    void whatTheFaceDoesNotHoldIsRefused(String text) {
        faces().forEach(face -> assertEquals(
                "letter", assertThrows(Refused.class, () -> face.written(text)).field()));
    }
}

package kindthimble.core.lettering;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import kindthimble.core.geometry.Pen;
import kindthimble.core.words.Refused;

/**
 * The letters of a shipped face, as outlines: 1,000 units to the em, the baseline at 0. Made from the fonts that ship with the
 * application (see docs/licences.md).
 */
public final class Letters {
    /** A heavy face, for cutters and for sections. */
    public static final Letters CUT = new Letters("cut-letters.txt");

    /** A face of even strokes, for piped writing. */
    public static final Letters WRITTEN = new Letters("written-letters.txt");

    private static final double SPACE = 260;

    private record Letter(double advance, String path) {}

    private final Map<Integer, Letter> letters = new HashMap<>();

    private Letters(String resource) {
        try (InputStream file = Letters.class.getResourceAsStream(resource);
                BufferedReader lines = new BufferedReader(new InputStreamReader(file, StandardCharsets.UTF_8))) {
            lines.lines().filter(line -> !line.startsWith("# ")).forEach(line -> {
                String[] part = line.split("\t");
                letters.put(part[0].codePointAt(0), new Letter(Double.parseDouble(part[1]), part[2]));
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A line of writing, its letters as far apart as the face has them. */
    public Pen written(String text) {
        return written(text, 0);
    }

    /**
     * A line of writing.
     *
     * @param apart units between two letters, beside those of the face
     * @throws Refused when the face lacks a letter, or nothing is written
     */
    public Pen written(String text, double apart) {
        Pen pen = new Pen().overlapping();
        double x = 0;
        int drawn = 0;
        for (int letter : text.codePoints().toArray()) {
            Letter outline = letters.get(letter);
            if (Character.isWhitespace(letter)) {
                x += SPACE;
            } else if (outline == null) {
                throw new Refused("letter", "The shipped face has no " + Character.toString(letter) + ".");
            } else {
                pen.follow(outline.path(), x, 0);
                x += outline.advance() + apart;
                drawn++;
            }
        }
        if (drawn == 0) {
            throw new Refused("letter", "Write at least one letter.");
        }
        return pen;
    }
}

package kindthimble.app.drawing;

import java.util.Arrays;
import java.util.List;
import kindthimble.core.geometry.Spot;
import kindthimble.core.tracing.Sheet;
import kindthimble.core.tracing.SheetCorners;
import kindthimble.core.words.Refused;

/** What a drawing, a cutter or a cookie lies on in a photo: something flat whose size is known. */
public enum LiesOn {
    A4("A4", SheetCorners.Of.PAPER, 210, 297),
    LETTER("Letter", SheetCorners.Of.PAPER, 215.9, 279.4),
    FRAME("frame", SheetCorners.Of.FRAME, LiesOn.FRAME_WIDTH_MM, LiesOn.FRAME_HEIGHT_MM);

    /** The frame that is printed to draw in, to the outer edge of its line. */
    public static final double FRAME_WIDTH_MM = 160;

    public static final double FRAME_HEIGHT_MM = 220;
    public static final double FRAME_LINE_MM = 1.5;

    /** Within this of the edge of a sheet the table may show, or its shadow; inside the line of a frame its blur. */
    private static final double RIM_MM = 3;

    private final String word;
    private final SheetCorners.Of of;
    private final double widthMm;
    private final double heightMm;

    LiesOn(String word, SheetCorners.Of of, double widthMm, double heightMm) {
        this.word = word;
        this.of = of;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /**
     * @throws Refused when there is nothing called that
     */
    static LiesOn called(String word) {
        return Arrays.stream(values())
                .filter(one -> one.word.equals(word))
                .findFirst()
                .orElseThrow(() -> new Refused("on", "A photo shows a sheet of A4 or Letter, or the printed frame."));
    }

    /**
     * @param written eight numbers with commas between
     * @throws Refused when they are none
     */
    static List<Double> corners(String written) {
        try {
            List<Double> numbers =
                    Arrays.stream(written.split(",", -1)).map(Double::valueOf).toList();
            if (numbers.size() == 8 && numbers.stream().allMatch(share -> share >= -0.5 && share <= 1.5)) {
                return numbers;
            }
        } catch (NumberFormatException e) {
            // Said below.
        }
        throw new Refused("corners", "Put the four corners where the sheet's corners are seen.");
    }

    SheetCorners.Of of() {
        return of;
    }

    Sheet sheet(List<Spot> corners) {
        return Sheet.lying(corners, widthMm, heightMm, RIM_MM);
    }
}

package kindthimble.core.dough;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import kindthimble.core.geometry.Box;
import kindthimble.core.geometry.Deadline;
import kindthimble.core.geometry.Region;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;

/**
 * Cutters laid out on the dough as it is rolled out first: sheet by sheet, the largest first, each as far up as it goes and then as far
 * left, turned about where that lies better. What is looked at are cells of {@value #CELL_MM} mm that a piece and half the gap round it touch.
 *
 * @param sheets rolled out, the last one shorter
 * @param left pieces for which there is no room on them: they are cut from what is rolled again
 */
public record Rolled(List<Sheet> sheets, int left) {
    private static final double CELL_MM = 1.5;
    private static final int WORD = 64;

    public Rolled {
        sheets = List.copyOf(sheets);
    }

    /**
     * @param widthMm across
     * @param lengthMm along
     * @param pieces on it
     * @param share of its area that is cookies
     */
    public record Sheet(double widthMm, double lengthMm, List<RolledPiece> pieces, double share) {
        public Sheet {
            pieces = List.copyOf(pieces);
        }
    }

    /**
     * @param design its number
     * @param top as in {@link Dough.Cut}
     * @param xMm where the middle of the cutter's box lies, from the sheet's left
     * @param yMm the same, from its top
     * @param turned whether it is turned upside down
     */
    public record RolledPiece(long design, int top, double xMm, double yMm, boolean turned) {}

    /** Share of the first sheets that is cookies; 0 for none. */
    public double share() {
        double area = sheets.stream().mapToDouble(s -> s.widthMm * s.lengthMm).sum();
        return area == 0
                ? 0
                : sheets.stream()
                                .mapToDouble(s -> s.share * s.widthMm * s.lengthMm)
                                .sum()
                        / area;
    }

    /**
     * @param cuts what is cut; the iced ones come first, bare ones are left for what is rolled again
     * @param grams of dough that there is
     * @param thickMm how thick it is rolled, over 0
     */
    public static Rolled of(List<Dough.Cut> cuts, double grams, double thickMm, Habits habits) {
        double width = habits.mean(Habit.ROLLED_WIDTH_MM);
        double length = habits.mean(Habit.ROLLED_LENGTH_MM);
        double area = grams / Dough.pieceGrams(1, thickMm, habits);
        List<Wanted> wanted = cuts.stream()
                .filter(cut -> cut.pieces() > 0)
                .sorted(Comparator.comparingDouble(
                        (Dough.Cut cut) -> -cut.cutter().areaMm2()))
                .map(cut -> new Wanted(cut, habits.mean(Habit.CUT_GAP_MM)))
                .toList();
        List<Sheet> sheets = new ArrayList<>();
        while (area > 0 && wanted.stream().anyMatch(one -> one.left > 0)) {
            double along = Math.min(length, area / width);
            Sheet sheet = sheet(wanted, width, along);
            area -= width * length;
            if (sheet.pieces.isEmpty()) {
                break;
            }
            sheets.add(sheet);
        }
        return new Rolled(sheets, wanted.stream().mapToInt(one -> one.left).sum());
    }

    private static Sheet sheet(List<Wanted> wanted, double width, double length) {
        Cells cells = new Cells((int) (width / CELL_MM), (int) (length / CELL_MM));
        List<RolledPiece> pieces = new ArrayList<>();
        double area = 0;
        for (Wanted one : wanted) {
            one.ways.forEach(Way::again);
            while (one.left > 0) {
                Deadline.check();
                Way first = null;
                for (Way way : one.ways) {
                    if (way.find(cells) && (first == null || way.before(first))) {
                        first = way;
                    }
                }
                if (first == null) {
                    break;
                }
                first.take(cells);
                pieces.add(first.piece(one.cut));
                area += one.cut.cutter().areaMm2();
                one.left--;
            }
        }
        return new Sheet(width, length, pieces, area / (width * length));
    }

    /** Pieces of one design that have no place yet. */
    private static final class Wanted {
        private final Dough.Cut cut;
        private final List<Way> ways;
        private int left;

        Wanted(Dough.Cut cut, double gapMm) {
            this.cut = cut;
            this.left = cut.pieces();
            this.ways = List.of(new Way(cut.cutter(), gapMm, false), new Way(cut.cutter(), gapMm, true));
        }
    }

    /** A cutter one way up, as the cells that it touches, and how far it has been looked for a place: what was no place stays none. */
    private static final class Way {
        private final boolean turned;
        private final long[][] rows;
        private final int wide;
        private final double middleX;
        private final double middleY;
        private int x;
        private int y;

        Way(Region cutter, double gapMm, boolean turned) {
            this.turned = turned;
            Region region = (turned ? cutter.turned(180) : cutter).grown(gapMm / 2);
            Box box = region.box();
            wide = (int) Math.ceil(box.widthMm() / CELL_MM);
            int high = (int) Math.ceil(box.heightMm() / CELL_MM);
            rows = new long[high][(wide + WORD - 1) / WORD];
            for (int row = 0; row < high; row++) {
                for (int part = 0; part <= 2; part++) {
                    double at = box.y() + Math.min((row + part / 2.0) * CELL_MM + 1e-6, box.heightMm() - 1e-6);
                    for (double[] span : region.crossings(at)) {
                        int to = Math.min(wide - 1, (int) ((span[1] - box.x()) / CELL_MM));
                        for (int cell = (int) ((span[0] - box.x()) / CELL_MM); cell <= to; cell++) {
                            rows[row][cell / WORD] |= 1L << cell % WORD;
                        }
                    }
                }
            }
            middleX = box.widthMm() / 2;
            middleY = box.heightMm() / 2;
        }

        void again() {
            x = 0;
            y = 0;
        }

        boolean before(Way other) {
            return y < other.y || y == other.y && x < other.x;
        }

        boolean find(Cells cells) {
            for (; y + rows.length <= cells.high; y++, x = 0) {
                for (; x + wide <= cells.wide; x++) {
                    if (cells.hasRoom(this)) {
                        return true;
                    }
                }
            }
            return false;
        }

        void take(Cells cells) {
            cells.take(this);
        }

        RolledPiece piece(Dough.Cut of) {
            return new RolledPiece(of.design(), of.top(), x * CELL_MM + middleX, y * CELL_MM + middleY, turned);
        }
    }

    /** A sheet as cells that are taken. */
    private static final class Cells {
        private final int wide;
        private final int high;
        private final long[][] taken;

        Cells(int wide, int high) {
            this.wide = wide;
            this.high = high;
            taken = new long[high][wide / WORD + 2];
        }

        boolean hasRoom(Way way) {
            int word = way.x / WORD;
            int shift = way.x % WORD;
            for (int row = 0; row < way.rows.length; row++) {
                long[] there = taken[way.y + row];
                for (int i = 0; i < way.rows[row].length; i++) {
                    long cells = way.rows[row][i];
                    if ((there[word + i] & cells << shift) != 0
                            || shift > 0
                                    && word + i + 1 < there.length
                                    && (there[word + i + 1] & cells >>> WORD - shift) != 0) {
                        return false;
                    }
                }
            }
            return true;
        }

        void take(Way way) {
            int word = way.x / WORD;
            int shift = way.x % WORD;
            for (int row = 0; row < way.rows.length; row++) {
                long[] there = taken[way.y + row];
                for (int i = 0; i < way.rows[row].length; i++) {
                    long cells = way.rows[row][i];
                    there[word + i] |= cells << shift;
                    if (shift > 0 && word + i + 1 < there.length) {
                        there[word + i + 1] |= cells >>> WORD - shift;
                    }
                }
            }
        }
    }
}

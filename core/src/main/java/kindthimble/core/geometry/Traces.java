package kindthimble.core.geometry;

import java.util.Arrays;

/**
 * The lines that a {@link Sweep} leaves where the owner changes. Seen along its way, each has one piece on its left (towards +y from a way to
 * the right) and one on its right. A side that goes on between the same pieces leaves one line.
 */
final class Traces {
    private final Pieces pieces;
    int count;
    int[] fromX = new int[1024];
    int[] fromY = new int[1024];
    int[] toX = new int[1024];
    int[] toY = new int[1024];
    int[] left = new int[1024];
    int[] right = new int[1024];

    // The line that is still followed along each side.
    private int[] openLine = new int[0];

    private int leftRim;
    private Rim before = new Rim();
    private Rim atLeft = new Rim();
    private Rim atRight = new Rim();

    Traces(Pieces pieces) {
        this.pieces = pieces;
    }

    /** What of a strip touches its left or its right line: from where to where which piece, downward. */
    private static final class Rim {
        int count;
        int[] from = new int[64];
        int[] to = new int[64];
        int[] piece = new int[64];

        void add(int y0, int y1, int which) {
            if (count > 0 && to[count - 1] == y0 && piece[count - 1] == which) {
                to[count - 1] = y1;
                return;
            }
            if (count == from.length) {
                from = Arrays.copyOf(from, 2 * count);
                to = Arrays.copyOf(to, 2 * count);
                piece = Arrays.copyOf(piece, 2 * count);
            }
            from[count] = y0;
            to[count] = y1;
            piece[count++] = which;
        }
    }

    /** A strip begins. */
    void begin(int edges, int left) {
        openLine = new int[edges];
        Arrays.fill(openLine, -1);
        leftRim = left;
        Rim was = before;
        before = atRight;
        atRight = was;
        atRight.count = 0;
        atLeft.count = 0;
    }

    /** A strip is swept: along its left line pieces of one owner are one, and between others there is a line. */
    void meetAtLeft(int nobody) {
        int i = 0;
        int j = 0;
        int y = Integer.MIN_VALUE;
        while (i < before.count || j < atLeft.count) {
            boolean isBefore = i < before.count && before.from[i] <= y;
            boolean isHere = j < atLeft.count && atLeft.from[j] <= y;
            int end = Math.min(
                    i < before.count ? isBefore ? before.to[i] : before.from[i] : Integer.MAX_VALUE,
                    j < atLeft.count ? isHere ? atLeft.to[j] : atLeft.from[j] : Integer.MAX_VALUE);
            if (isBefore || isHere) {
                int one = isBefore ? before.piece[i] : nobody;
                int other = isHere ? atLeft.piece[j] : nobody;
                if (pieces.owner(one) == pieces.owner(other)) {
                    pieces.join(one, other);
                } else if (end > y) {
                    add(leftRim, y, leftRim, end, one, other);
                }
            }
            y = end;
            if (isBefore && before.to[i] <= y) {
                i++;
            }
            if (isHere && atLeft.to[j] <= y) {
                j++;
            }
        }
    }

    /** A level line, with what lies below it and above it. */
    void level(int from, int to, int y, int below, int above) {
        add(from, y, to, y, below, above);
    }

    void follow(Runs runs, int y0, int y1) {
        if (runs.owner[0] != Mosaic.NOBODY && !(runs.firstTop() == leftRim && runs.firstBottom() == leftRim)) {
            atLeft.add(y0, y1, runs.piece[0]);
        }
        int last = runs.count - 1;
        int rim = runs.right();
        if (runs.owner[last] != Mosaic.NOBODY && !(runs.lastTop() == rim && runs.lastBottom() == rim)) {
            atRight.add(y0, y1, runs.piece[last]);
        }
        for (int i = 0; i < runs.count - 1; i++) {
            int line = openLine[runs.edge[i]];
            int smaller = runs.piece[i];
            int larger = runs.piece[i + 1];
            boolean goesOn = line >= 0
                    && toY[line] == y0
                    && toX[line] == runs.top[i]
                    && pieces.of(left[line]) == pieces.of(smaller)
                    && pieces.of(right[line]) == pieces.of(larger);
            if (goesOn) {
                toX[line] = runs.bottom[i];
                toY[line] = y1;
            } else {
                openLine[runs.edge[i]] = count;
                add(runs.top[i], y0, runs.bottom[i], y1, smaller, larger);
            }
        }
    }

    private void add(int x0, int y0, int x1, int y1, int onLeft, int onRight) {
        if (count == fromX.length) {
            int more = 2 * count;
            fromX = Arrays.copyOf(fromX, more);
            fromY = Arrays.copyOf(fromY, more);
            toX = Arrays.copyOf(toX, more);
            toY = Arrays.copyOf(toY, more);
            left = Arrays.copyOf(left, more);
            right = Arrays.copyOf(right, more);
        }
        fromX[count] = x0;
        fromY[count] = y0;
        toX[count] = x1;
        toY[count] = y1;
        left[count] = onLeft;
        right[count++] = onRight;
    }

    /** All pieces are known by their last number. */
    void finish() {
        for (int i = 0; i < count; i++) {
            left[i] = pieces.of(left[i]);
            right[i] = pieces.of(right[i]);
        }
    }
}

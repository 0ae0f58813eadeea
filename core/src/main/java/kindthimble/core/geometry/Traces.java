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
    private final int[] openLine;

    Traces(int edges, Pieces pieces) {
        this.pieces = pieces;
        openLine = new int[edges];
        Arrays.fill(openLine, -1);
    }

    /** A level line, with what lies below it and above it. */
    void level(int from, int to, int y, int below, int above) {
        add(from, y, to, y, below, above);
    }

    void follow(Runs runs, int y0, int y1) {
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

package kindthimble.core.geometry;

import java.util.Arrays;

/** One slab of a {@link Sweep}: what belongs to one owner without a gap, from left to right, and the sides between. */
final class Runs {
    int count;
    int[] owner = new int[64];
    int[] piece = new int[64];
    /** The side at the right end of each run but the last. */
    int[] edge = new int[64];

    int[] top = new int[64];
    int[] bottom = new int[64];

    /** A slab of one run that goes from end to end. */
    void begin(int whose) {
        count = 1;
        owner[0] = whose;
    }

    /** The last run ends at a side, unless the same owner goes on behind it. */
    void border(int side, int topX, int bottomX, int whose) {
        if (whose == owner[count - 1]) {
            return;
        }
        if (count + 1 >= owner.length) {
            int more = 2 * owner.length;
            owner = Arrays.copyOf(owner, more);
            piece = Arrays.copyOf(piece, more);
            edge = Arrays.copyOf(edge, more);
            top = Arrays.copyOf(top, more);
            bottom = Arrays.copyOf(bottom, more);
        }
        edge[count - 1] = side;
        top[count - 1] = topX;
        bottom[count - 1] = bottomX;
        owner[count++] = whose;
    }

    /** Runs of one owner that lie below each other are one piece; where owners differ above and below there is a level line. */
    void meet(Runs above, int y, Pieces pieces, Traces traces) {
        for (int i = 0; i < count; i++) {
            piece[i] = -1;
        }
        each(above, (i, j, from, to) -> {
            if (owner[i] == above.owner[j]) {
                piece[i] = piece[i] < 0 ? pieces.of(above.piece[j]) : pieces.join(piece[i], above.piece[j]);
            }
        });
        for (int i = 0; i < count; i++) {
            if (piece[i] < 0) {
                piece[i] = pieces.add(owner[i]);
            }
        }
        each(above, (i, j, from, to) -> {
            if (owner[i] != above.owner[j]) {
                traces.level(from, to, y, piece[i], above.piece[j]);
            }
        });
    }

    private interface Overlap {
        void of(int here, int above, int from, int to);
    }

    private void each(Runs above, Overlap overlap) {
        int i = 0;
        int j = 0;
        int from = Integer.MIN_VALUE;
        while (true) {
            int mine = i == count - 1 ? Integer.MAX_VALUE : top[i];
            int theirs = j == above.count - 1 ? Integer.MAX_VALUE : above.bottom[j];
            int to = Math.min(mine, theirs);
            if (to > from) {
                overlap.of(i, j, from, to);
                from = to;
            }
            if (to == Integer.MAX_VALUE) {
                return;
            }
            if (mine <= theirs) {
                i++;
            }
            if (theirs <= mine) {
                j++;
            }
        }
    }

    void measure(int height, Pieces pieces) {
        for (int i = 1; i < count - 1; i++) {
            double widths = (double) (top[i] - top[i - 1]) + (bottom[i] - bottom[i - 1]);
            pieces.grow(piece[i], widths / 2 * height);
        }
    }
}

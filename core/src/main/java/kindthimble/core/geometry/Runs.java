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
    private int left;
    private int right;

    /** A slab of one run that goes from end to end. */
    void begin(int whose, int from, int to) {
        count = 1;
        owner[0] = whose;
        left = from;
        right = to;
    }

    /** Where the run at the left end ends; the same as the left end where it is nothing. */
    int firstTop() {
        return count == 1 ? right : top[0];
    }

    int firstBottom() {
        return count == 1 ? right : bottom[0];
    }

    int lastTop() {
        return count == 1 ? left : top[count - 2];
    }

    int lastBottom() {
        return count == 1 ? left : bottom[count - 2];
    }

    int right() {
        return right;
    }

    /** The last run ends at a side, unless the same owner goes on behind it, or it is no wider than nothing. */
    void border(int side, double atTop, double atBottom, int whose) {
        if (whose == owner[count - 1]) {
            return;
        }
        int x0 = Math.min(right, Math.max(lastTop(), (int) Math.floor(atTop + 0.5)));
        int x1 = Math.min(right, Math.max(lastBottom(), (int) Math.floor(atBottom + 0.5)));
        if (x0 == lastTop() && x1 == lastBottom()) {
            // The last run is nothing: what comes now stands in its place, or goes on before it.
            owner[count - 1] = whose;
            if (count > 1 && owner[count - 2] == whose) {
                count--;
            }
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
        top[count - 1] = x0;
        bottom[count - 1] = x1;
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
        int from = left;
        while (true) {
            int mine = i == count - 1 ? right : top[i];
            int theirs = j == above.count - 1 ? right : above.bottom[j];
            int to = Math.min(mine, theirs);
            if (to > from) {
                overlap.of(i, j, from, to);
                from = to;
            }
            if (i == count - 1 && j == above.count - 1) {
                return;
            }
            if (i < count - 1 && mine <= theirs) {
                i++;
            } else {
                j++;
            }
        }
    }
}

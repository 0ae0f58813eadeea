package kindthimble.core.geometry;

import java.util.Arrays;

/** What of a {@link Sweep} has turned out to hang together, with its owner. */
final class Pieces {
    private int count;
    private int[] parent = new int[256];
    private int[] owner = new int[256];

    int add(int whose) {
        if (count == parent.length) {
            parent = Arrays.copyOf(parent, 2 * count);
            owner = Arrays.copyOf(owner, 2 * count);
        }
        parent[count] = count;
        owner[count] = whose;
        return count++;
    }

    /** The piece that a number stands for by now. */
    int of(int piece) {
        int root = piece;
        while (parent[root] != root) {
            parent[root] = parent[parent[root]];
            root = parent[root];
        }
        return root;
    }

    int join(int one, int other) {
        int a = of(one);
        int b = of(other);
        if (a != b) {
            parent[b] = a;
        }
        return a;
    }

    int count() {
        return count;
    }

    int owner(int piece) {
        return owner[of(piece)];
    }
}

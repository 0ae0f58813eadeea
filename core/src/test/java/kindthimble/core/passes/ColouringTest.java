package kindthimble.core.passes;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ColouringTest {

    private static List<List<Integer>> graph(int size, int... edges) {
        List<List<Integer>> graph = new ArrayList<>();
        for (int i = 0; i < size; i++) {
            graph.add(new ArrayList<>());
        }
        for (int i = 0; i < edges.length; i += 2) {
            graph.get(edges[i]).add(edges[i + 1]);
            graph.get(edges[i + 1]).add(edges[i]);
        }
        return graph;
    }

    private static int passes(List<List<Integer>> graph) {
        int[] colour = Colouring.of(graph);
        for (int i = 0; i < colour.length; i++) {
            for (int next : graph.get(i)) {
                assertTrue(colour[i] != colour[next], i + " and " + next + " are wet together");
            }
        }
        return Arrays.stream(colour).max().orElse(-1) + 1;
    }

    @Test
    void knownGraphsTakeTheirKnownNumber() {
        assertEquals(0, passes(graph(0)));
        assertEquals(1, passes(graph(5)));
        assertEquals(2, passes(graph(4, 0, 1, 1, 2, 2, 3)));
        assertEquals(2, passes(graph(6, 0, 1, 1, 2, 2, 3, 3, 4, 4, 5, 5, 0)));
        assertEquals(3, passes(graph(5, 0, 1, 1, 2, 2, 3, 3, 4, 4, 0)));
        assertEquals(4, passes(graph(4, 0, 1, 0, 2, 0, 3, 1, 2, 1, 3, 2, 3)));
        // The Petersen graph needs three.
        assertEquals(
                3,
                passes(graph(
                        10, 0, 1, 1, 2, 2, 3, 3, 4, 4, 0, 0, 5, 1, 6, 2, 7, 3, 8, 4, 9, 5, 7, 7, 9, 9, 6, 6, 8, 8, 5)));
    }

    /** Graphs made so that three colours do: three are found. And never more than the most neighbours and one. */
    @Test
    void randomGraphsStayWithinTheirBounds() {
        Random random = new Random(7);
        for (int round = 0; round < 200; round++) {
            int size = 3 + random.nextInt(60);
            List<List<Integer>> graph = graph(size);
            for (int k = 0; k < size * 2; k++) {
                int a = random.nextInt(size);
                int b = random.nextInt(size);
                if (a % 3 != b % 3 && !graph.get(a).contains(b)) {
                    graph.get(a).add(b);
                    graph.get(b).add(a);
                }
            }
            assertTrue(passes(graph) <= 3);
            for (int k = 0; k < size; k++) {
                int a = random.nextInt(size);
                int b = random.nextInt(size);
                if (a != b && !graph.get(a).contains(b)) {
                    graph.get(a).add(b);
                    graph.get(b).add(a);
                }
            }
            int most = graph.stream().mapToInt(List::size).max().orElse(0);
            assertTrue(passes(graph) <= most + 1);
        }
    }

    /** Of all colourings with as few passes, by brute force, the one that puts what is listed first as early as it can be. */
    @Test
    void amongAsFewItFollowsTheList() {
        Random random = new Random(3);
        for (int round = 0; round < 400; round++) {
            int size = 2 + random.nextInt(6);
            List<List<Integer>> graph = graph(size);
            for (int k = 0; k < 2 * size; k++) {
                int a = random.nextInt(size);
                int b = random.nextInt(size);
                if (a != b && !graph.get(a).contains(b)) {
                    graph.get(a).add(b);
                    graph.get(b).add(a);
                }
            }
            assertEquals(Arrays.toString(leastInOrder(graph)), Arrays.toString(Colouring.of(graph)), graph::toString);
        }
    }

    /** All colourings are tried, those with fewer passes first. */
    private static int[] leastInOrder(List<List<Integer>> graph) {
        int size = graph.size();
        for (int passes = 1; ; passes++) {
            long all = Math.round(Math.pow(passes, size));
            for (long code = 0; code < all; code++) {
                int[] colour = new int[size];
                long rest = code;
                for (int i = size - 1; i >= 0; i--) {
                    colour[i] = (int) (rest % passes);
                    rest /= passes;
                }
                boolean apart = true;
                for (int i = 0; i < size && apart; i++) {
                    int at = i;
                    apart = graph.get(i).stream().noneMatch(n -> colour[n] == colour[at]);
                }
                if (apart) {
                    return colour;
                }
            }
        }
    }
}

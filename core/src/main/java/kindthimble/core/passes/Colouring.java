package kindthimble.core.passes;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;

/**
 * Gives each section a pass so that no two that must not be wet together share one: graph colouring with as few colours as
 * possible. Exact where one, two or three colours do (three by backtracking, up to a bound on its steps); otherwise by saturation
 * (D. Brélaz, New methods to color the vertices of a graph, Communications of the ACM 22, 1979), which is never worse than one more
 * than the largest number of neighbours.
 */
public final class Colouring {
    private static final int MOST_STEPS = 200_000;
    private static final int MOST_LISTED_STEPS = 5_000;

    private final List<List<Integer>> neighbours;

    private Colouring(List<List<Integer>> neighbours) {
        this.neighbours = neighbours;
    }

    /**
     * @param neighbours for each section the indices of those it must not be wet together with; symmetric
     * @return for each its pass, from 0
     */
    public static int[] of(List<List<Integer>> neighbours) {
        Colouring colouring = new Colouring(neighbours);
        int[] two = colouring.byTwo();
        if (two != null) {
            return two;
        }
        int[] three = colouring.byThree();
        int[] few = three != null ? three : colouring.bySaturation();
        int[] listed = colouring.asListed(count(few));
        return listed == null ? few : listed;
    }

    /**
     * The same, where sections that belong together are in one pass, as far as that takes no more passes.
     *
     * @param groups for each section what it belongs to; -1 for nothing
     */
    public static int[] of(List<List<Integer>> neighbours, int[] groups) {
        int[] free = of(neighbours);
        Map<Integer, Integer> nodes = new LinkedHashMap<>();
        int[] node = new int[groups.length];
        for (int i = 0; i < groups.length; i++) {
            int at = i;
            boolean whole = groups[i] >= 0
                    && IntStream.range(0, groups.length)
                            .filter(j -> groups[j] == groups[at])
                            .allMatch(j -> neighbours.get(j).stream().noneMatch(n -> groups[n] == groups[at]));
            node[i] = nodes.computeIfAbsent(whole ? groups[i] : -2 - i, key -> nodes.size());
        }
        List<Set<Integer>> joined = new ArrayList<>();
        nodes.forEach((key, number) -> joined.add(new TreeSet<>()));
        for (int i = 0; i < node.length; i++) {
            for (int other : neighbours.get(i)) {
                joined.get(node[i]).add(node[other]);
            }
        }
        int[] whole = of(joined.stream().map(List::copyOf).toList());
        if (count(whole) > count(free)) {
            return free;
        }
        return Arrays.stream(node).map(n -> whole[n]).toArray();
    }

    private static int count(int[] colours) {
        return Arrays.stream(colours).max().orElse(-1) + 1;
    }

    /**
     * With so many passes, the one in which what is listed first is in the earliest pass that it can be in: the first found when sections
     * are tried in order, each in the earliest pass first.
     *
     * @return null when that is not found within the bound on steps
     */
    private int[] asListed(int passes) {
        int[] colour = unset();
        int[] steps = {0};
        return listed(0, passes, colour, steps) ? colour : null;
    }

    private boolean listed(int next, int passes, int[] colour, int[] steps) {
        if (next == colour.length) {
            return true;
        }
        for (int c = 0; c < passes; c++) {
            if (++steps[0] > MOST_LISTED_STEPS) {
                return false;
            }
            if (free(colour, next, c)) {
                colour[next] = c;
                if (listed(next + 1, passes, colour, steps)) {
                    return true;
                }
                colour[next] = -1;
            }
        }
        return false;
    }

    /** Every other one, starting with the first of each part; null when a part has an odd ring. */
    private int[] byTwo() {
        int[] colour = unset();
        for (int start = 0; start < colour.length; start++) {
            if (colour[start] >= 0) {
                continue;
            }
            colour[start] = 0;
            List<Integer> queue = new ArrayList<>(List.of(start));
            for (int at = 0; at < queue.size(); at++) {
                int here = queue.get(at);
                for (int next : neighbours.get(here)) {
                    if (colour[next] == colour[here]) {
                        return null;
                    }
                    if (colour[next] < 0) {
                        colour[next] = 1 - colour[here];
                        queue.add(next);
                    }
                }
            }
        }
        return colour;
    }

    private int[] byThree() {
        int[] colour = unset();
        int[] steps = {0};
        return extend(colour, steps) ? colour : null;
    }

    /** Colours the most constrained section next; true when all are coloured. */
    private boolean extend(int[] colour, int[] steps) {
        int next = mostConstrained(colour);
        if (next < 0) {
            return true;
        }
        for (int c = 0; c < 3; c++) {
            if (++steps[0] > MOST_STEPS) {
                return false;
            }
            if (free(colour, next, c)) {
                colour[next] = c;
                if (extend(colour, steps)) {
                    return true;
                }
                colour[next] = -1;
            }
        }
        return false;
    }

    private int[] bySaturation() {
        int[] colour = unset();
        for (int next = mostConstrained(colour); next >= 0; next = mostConstrained(colour)) {
            int c = 0;
            while (!free(colour, next, c)) {
                c++;
            }
            colour[next] = c;
        }
        return colour;
    }

    /** The uncoloured section with most colours around it; among those the one with most neighbours; -1 when none is left. */
    private int mostConstrained(int[] colour) {
        int best = -1;
        int bestAround = -1;
        for (int i = 0; i < colour.length; i++) {
            if (colour[i] >= 0) {
                continue;
            }
            int around = (int) neighbours.get(i).stream()
                    .mapToInt(n -> colour[n])
                    .filter(c -> c >= 0)
                    .distinct()
                    .count();
            if (around > bestAround
                    || around == bestAround
                            && neighbours.get(i).size() > neighbours.get(best).size()) {
                best = i;
                bestAround = around;
            }
        }
        return best;
    }

    private boolean free(int[] colour, int at, int c) {
        for (int neighbour : neighbours.get(at)) {
            if (colour[neighbour] == c) {
                return false;
            }
        }
        return true;
    }

    private int[] unset() {
        int[] colour = new int[neighbours.size()];
        Arrays.fill(colour, -1);
        return colour;
    }
}

package kindthimble.core.drawing;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import kindthimble.core.geometry.Mosaic;

/**
 * What is seen of paints that lie over each other (W3C Compositing 1, simple alpha, in sRGB as screens do it): places of one colour have one
 * owner, but that a line has owners of its own, since it is piped and not flooded. Where nothing hides the ground, that is white.
 */
final class Seen implements Mosaic.Owners {
    private static final double LEAST_ALPHA = 0.004;

    private final List<Paint> paints;
    private final Map<Owner, Integer> numbers = new HashMap<>();
    private final List<Owner> owners = new ArrayList<>();
    private final BitSet used = new BitSet();

    /** @param line the paint whose line it is; -1 for what is filled */
    record Owner(String hex, int line) {}

    Seen(List<Paint> paints) {
        this.paints = paints;
    }

    /** Whose places have this number. */
    Owner owner(int number) {
        return owners.get(number - 1);
    }

    /** The paints that can be seen anywhere. */
    BitSet used() {
        return used;
    }

    @Override
    public int of(BitSet inside) {
        List<Integer> stack = new ArrayList<>();
        for (int i = paints.size() - 1; i >= 0; i--) {
            if (paints.get(i).isIn(inside)) {
                stack.add(i);
                if (paints.get(i).hidesAll()) {
                    break;
                }
            }
        }
        if (stack.isEmpty()) {
            return Mosaic.NOBODY;
        }
        double[] sum = composed(stack);
        if (sum[3] < LEAST_ALPHA) {
            return Mosaic.NOBODY;
        }
        stack.forEach(used::set);
        double ground = 255 * (1 - sum[3]);
        String hex = new SvgColour(sum[0] + ground, sum[1] + ground, sum[2] + ground, 1).hex();
        int top = stack.get(0);
        Paint.Stroke line = paints.get(top).stroke();
        boolean isLine = line != null && !hex.equals(line.fill());
        return numbers.computeIfAbsent(new Owner(hex, isLine ? top : -1), owner -> {
            owners.add(owner);
            return owners.size();
        });
    }

    /** Red, green and blue times alpha, and alpha, of paints listed from the top. */
    private double[] composed(List<Integer> fromTop) {
        List<Paint.Group> open = new ArrayList<>();
        List<double[]> sums = new ArrayList<>();
        sums.add(new double[4]);
        for (int i = fromTop.size() - 1; i >= 0; i--) {
            Paint paint = paints.get(fromTop.get(i));
            List<Paint.Group> groups = paint.groups();
            int common = 0;
            while (common < open.size() && common < groups.size() && open.get(common) == groups.get(common)) {
                common++;
            }
            close(open, sums, common);
            for (int k = common; k < groups.size(); k++) {
                open.add(groups.get(k));
                sums.add(new double[4]);
            }
            SvgColour c = paint.colour();
            over(
                    sums.get(sums.size() - 1),
                    new double[] {c.red() * c.alpha(), c.green() * c.alpha(), c.blue() * c.alpha(), c.alpha()},
                    1);
        }
        close(open, sums, 0);
        return Objects.requireNonNull(sums.get(0));
    }

    private static void close(List<Paint.Group> open, List<double[]> sums, int to) {
        while (open.size() > to) {
            Paint.Group group = open.remove(open.size() - 1);
            double[] own = sums.remove(sums.size() - 1);
            over(sums.get(sums.size() - 1), own, group.opacity);
        }
    }

    private static void over(double[] below, double[] above, double share) {
        double left = 1 - above[3] * share;
        for (int i = 0; i < 4; i++) {
            below[i] = below[i] * left + above[i] * share;
        }
    }
}

package kindthimble.core.tint;

/**
 * The amounts of one to three gels that come nearest to a target, not yet whole drops: damped least squares (D. Marquardt, SIAM
 * Journal 11, 1963) with no amount below 0 and no more gel in all than is wise.
 */
final class Descent {
    private static final int MOST_STEPS = 14;
    private static final double GOOD_ENOUGH = 1e-5;

    private final Blend blend;
    private final Nearness nearness;
    private final double most;

    private final double[] lab = new double[3];
    private final double[] r = new double[3];
    private final double[][] slopes = new double[3][3];
    private final double[][] j = new double[3][3];
    private final double[] triedR = new double[3];
    private final double[] g = new double[3];
    private final boolean[] held = new boolean[3];
    private final double[][] a = new double[3][4];
    private final double[] x = new double[3];

    /**
     * @param most drops per 100 g in all
     */
    Descent(Blend blend, Nearness nearness, double most) {
        this.blend = blend;
        this.nearness = nearness;
        this.most = most;
    }

    /**
     * @param which gels
     * @param drops of each per 100 g
     * @param squared the squared nearness there
     * @param slopes of the three numbers against drops of each gel
     * @param at the three numbers
     */
    record Found(int[] which, double[] drops, double squared, double[][] slopes, double[] at) {}

    /** Goes down from a start, so many steps at most. */
    Found from(int[] which, double[] start, int mostSteps) {
        return from(which, start, mostSteps, 0);
    }

    /**
     * The same with some amounts as they are.
     *
     * @param fixed of gel i where bit i is set
     */
    Found from(int[] which, double[] start, int mostSteps, int fixed) {
        int n = which.length;
        double[] c = start.clone();
        withinMost(c);
        double now = squaredAt(which, c);
        accept(which);
        double damping = 1e-3;
        for (int step = 0; step < mostSteps && now > GOOD_ENOUGH && damping < 1e6; step++) {
            double[] move = move(n, c, damping, fixed);
            double[] tried = new double[n];
            double moved = 0;
            for (int i = 0; i < n; i++) {
                tried[i] = Math.max(0, c[i] + move[i]);
            }
            withinMost(tried);
            for (int i = 0; i < n; i++) {
                moved = Math.max(moved, Math.abs(tried[i] - c[i]) / (c[i] + 0.01));
            }
            double then = squaredAt(which, tried);
            if (then < now) {
                boolean slow = now - then < 1e-4 * now;
                c = tried;
                accept(which);
                now = then;
                damping = Math.max(1e-7, damping / 8);
                if (slow) {
                    break;
                }
            } else {
                if (moved < 1e-3) {
                    break;
                }
                damping = Math.max(damping * 12, 1e-4);
            }
        }
        double[][] kept = new double[n][];
        for (int i = 0; i < n; i++) {
            kept[i] = j[i].clone();
        }
        return new Found(which, c, now, kept, r.clone());
    }

    /** The same to the end. */
    Found from(int[] which, double[] start) {
        return from(which, start, MOST_STEPS);
    }

    /** By how much a little of one more gel, for itself, would lessen the squared nearness of what was found: 0 where it would not. */
    double[] gains(Found found, int[] along) {
        double[][] all = new double[along.length][3];
        double[] three = new double[3];
        blend.look(found.which, found.drops, lab);
        blend.slopes(along, all);
        double[] gains = new double[along.length];
        for (int g = 0; g < along.length; g++) {
            nearness.ofSlope(all[g], three);
            double down = three[0] * found.at[0] + three[1] * found.at[1] + three[2] * found.at[2];
            gains[g] = down < 0 ? down * down / Nearness.squared(three) : 0;
        }
        return gains;
    }

    private double squaredAt(int[] which, double[] c) {
        blend.look(which, c, lab);
        nearness.of(lab, triedR);
        return Nearness.squared(triedR);
    }

    /** Takes what was looked at last as where it is now. */
    private void accept(int[] which) {
        System.arraycopy(triedR, 0, r, 0, 3);
        blend.slopes(which, slopes);
        for (int i = 0; i < which.length; i++) {
            nearness.ofSlope(slopes[i], j[i]);
        }
    }

    /** The damped step; a gel that is fixed, or at 0 and would go below, stays there. */
    private double[] move(int n, double[] c, double damping, int fixed) {
        for (int i = 0; i < n; i++) {
            g[i] = j[i][0] * r[0] + j[i][1] * r[1] + j[i][2] * r[2];
            held[i] = (fixed >> i & 1) == 1 || c[i] <= 0 && g[i] > 0;
        }
        for (int i = 0; i < n; i++) {
            for (int m = 0; m < n; m++) {
                a[i][m] = held[i] || held[m] ? 0 : j[i][0] * j[m][0] + j[i][1] * j[m][1] + j[i][2] * j[m][2];
            }
            a[i][i] = held[i] ? 1 : a[i][i] * (1 + damping) + 1e-12;
            a[i][n] = held[i] ? 0 : -g[i];
        }
        return solved(n);
    }

    /** Gaussian elimination of so small a system; its matrix is positive definite. */
    private double[] solved(int n) {
        for (int i = 0; i < n; i++) {
            for (int row = i + 1; row < n; row++) {
                double factor = a[row][i] / a[i][i];
                for (int col = i; col <= n; col++) {
                    a[row][col] -= factor * a[i][col];
                }
            }
        }
        for (int i = n - 1; i >= 0; i--) {
            double sum = a[i][n];
            for (int col = i + 1; col < n; col++) {
                sum -= a[i][col] * x[col];
            }
            x[i] = sum / a[i][i];
        }
        return x;
    }

    private void withinMost(double[] c) {
        double sum = 0;
        for (double one : c) {
            sum += one;
        }
        if (sum > most) {
            for (int i = 0; i < c.length; i++) {
                c[i] *= most / sum;
            }
        }
    }
}

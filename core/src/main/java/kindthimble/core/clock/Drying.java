package kindthimble.core.clock;

import java.util.List;

/**
 * How icing dries as the air of the room changes from day to day: at a rate of 1 as the room is now, more slowly while it is damp.
 *
 * @param stretches in which the rate is another, in order and apart; around them it is 1
 */
public record Drying(List<Stretch> stretches) {
    /** A room that stays as it is. */
    public static final Drying STEADY = new Drying(List.of());

    public Drying {
        stretches = List.copyOf(stretches);
    }

    /**
     * @param start seconds since the epoch
     * @param end the same, after the start
     * @param times in how many times the time icing dries then; over 0
     */
    public record Stretch(long start, long end, double times) {
        public Stretch {
            if (end <= start || !(times > 0)) {
                throw new IllegalArgumentException("a stretch ends after it starts, and icing dries in it");
            }
        }
    }

    /**
     * When icing is dry.
     *
     * @param start from when it dries
     * @param seconds how long that takes in the room as it is now
     */
    public long after(long start, long seconds) {
        double left = seconds;
        long at = start;
        for (Stretch one : stretches) {
            if (one.end <= at) {
                continue;
            }
            if (one.start > at) {
                if (left <= one.start - at) {
                    return at + (long) Math.ceil(left - 1e-9);
                }
                left -= one.start - at;
                at = one.start;
            }
            double in = (one.end - at) / one.times;
            if (left <= in) {
                return at + (long) Math.ceil(left * one.times - 1e-9);
            }
            left -= in;
            at = one.end;
        }
        return at + (long) Math.ceil(left - 1e-9);
    }

    /**
     * Until when icing has to be wet to be dry in time: the latest start whose {@link #after} is not past the end.
     *
     * @param seconds how long that takes in the room as it is now
     */
    public long before(long end, long seconds) {
        double left = seconds;
        long at = end;
        for (int i = stretches.size() - 1; i >= 0; i--) {
            Stretch one = stretches.get(i);
            if (one.start >= at) {
                continue;
            }
            if (one.end < at) {
                if (left <= at - one.end) {
                    return at - (long) Math.ceil(left - 1e-9);
                }
                left -= at - one.end;
                at = one.end;
            }
            double in = (at - one.start) / one.times;
            if (left <= in) {
                return at - (long) Math.ceil(left * one.times - 1e-9);
            }
            left -= in;
            at = one.start;
        }
        return at - (long) Math.ceil(left - 1e-9);
    }

    /** In how many times the time it dries where it is slowest. */
    public double slowest() {
        return stretches.stream().mapToDouble(Stretch::times).reduce(1, Math::max);
    }
}

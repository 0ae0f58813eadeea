package kindthimble.core.habit;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import kindthimble.core.words.Refused;

/** All figures of a kitchen. What is not said otherwise is the house's. Immutable, and safe to share between threads. */
public final class Habits {
    /** As the house has them. */
    public static final Habits HOUSE = new Habits(Map.of());

    private final Map<Habit, Measured> all;
    private final double[] means = new double[Habit.values().length];
    private final int hash;

    private Habits(Map<Habit, Measured> own) {
        Map<Habit, Measured> complete = new EnumMap<>(Habit.class);
        for (Habit habit : Habit.values()) {
            Measured measured = own.get(habit);
            complete.put(habit, measured == null ? habit.house() : measured);
            means[habit.ordinal()] = complete.get(habit).mean();
        }
        all = Collections.unmodifiableMap(complete);
        hash = all.hashCode();
    }

    /**
     * @param own figures; the house's stand in for those that are missing
     */
    public static Habits of(Map<Habit, Measured> own) {
        return own == null || own.isEmpty() ? HOUSE : new Habits(own);
    }

    /** Every figure, in the order of the catalogue. */
    public Map<Habit, Measured> all() {
        return all;
    }

    /** Those that are not the house's. */
    public Map<Habit, Measured> own() {
        Map<Habit, Measured> own = new EnumMap<>(all);
        own.values().removeIf(measured -> measured.source() == Measured.Source.HOUSE);
        return own;
    }

    /** A figure, in the habit's unit. */
    public double mean(Habit habit) {
        return means[habit.ordinal()];
    }

    /** A figure that counts pieces. */
    public int pieces(Habit habit) {
        return (int) Math.round(mean(habit));
    }

    /** The same with one figure as the shop sets it. */
    public Habits with(Habit habit, double mean) {
        return mean == mean(habit)
                ? this
                : with(habit, new Measured(mean, all.get(habit).spread(), Measured.Source.SHOP));
    }

    /** The same with another figure. */
    public Habits with(Habit habit, Measured measured) {
        Map<Habit, Measured> changed = new EnumMap<>(all);
        changed.put(habit, measured);
        return new Habits(changed);
    }

    /**
     * As a shop keeps them: a figure that says it is the house's and differs from it is the shop's own, and one that says so and does not
     * differ follows the house.
     */
    public Habits kept() {
        Map<Habit, Measured> kept = new EnumMap<>(Habit.class);
        all.forEach((habit, measured) -> {
            if (measured.source() != Measured.Source.HOUSE) {
                kept.put(habit, measured);
            } else if (measured.mean() != habit.house().mean()) {
                kept.put(habit, new Measured(measured.mean(), measured.spread(), Measured.Source.SHOP));
            }
        });
        return of(kept);
    }

    /**
     * @throws Refused naming the first habit that is out of its range
     */
    public void check() {
        all.forEach(Habit::check);
    }

    @Override
    public boolean equals(Object other) {
        return this == other || other instanceof Habits habits && hash == habits.hash && all.equals(habits.all);
    }

    @Override
    public int hashCode() {
        return hash;
    }

    @Override
    public String toString() {
        return "habits other than the house's: " + own();
    }
}

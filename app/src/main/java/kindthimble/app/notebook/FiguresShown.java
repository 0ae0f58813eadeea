package kindthimble.app.notebook;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import kindthimble.core.dough.DoughRecipe;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Measured;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.notebook.Figure;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.words.Unit;

/** Figures in the words and units in which a kitchen speaks of them. */
final class FiguresShown {
    private static final double PERCENT = 100;

    /** Figures that move several of the kitchen's, or none by a name of its own. */
    private static final Map<String, String> NAMES = Map.of(
            "seconds icing", "icing, time of your hands",
            "seconds set out", "setting a tray out",
            "kept bag", "a bag keeps",
            "broken whole baked", "broken of a hundred, baked",
            "broken whole iced", "broken of a hundred, iced",
            "broken whole packed", "broken of a hundred, packed",
            "crater slope", "craters, how sharply width decides");

    private final ShopSettings own;
    private final Map<String, BaseRecipe> bases = new HashMap<>();

    /**
     * @param own the shop's settings without what was learnt
     * @param bases as they are written
     */
    FiguresShown(ShopSettings own, List<BaseRecipe> bases) {
        this.own = own;
        bases.forEach(base -> this.bases.put(base.key(), base));
    }

    /** A number on a figure's scale as a kitchen has it. */
    private record Told(String name, String unit, DoubleUnaryOperator value, double house, boolean typed) {}

    /** A figure that was decided on, and of which no note is left. */
    static Figure unnoted(String figure, Learnt.Decision decision) {
        return new Figure(
                figure,
                scale(figure),
                decision.mean(),
                0,
                decision.mean(),
                decision.mean(),
                null,
                0,
                0,
                List.of(),
                null);
    }

    private static Figure.Scale scale(String figure) {
        return figure.startsWith("broken ")
                ? Figure.Scale.SHARE
                : figure.startsWith("bake ") || figure.endsWith(" b") && figure.startsWith("thinning ")
                        ? Figure.Scale.VALUE
                        : Figure.Scale.LOG;
    }

    NotebookView.Known of(Figure figure, Learnt.Decision decision) {
        Told told = told(figure);
        double was = told.value().applyAsDouble(told.house());
        double is = told.value().applyAsDouble(figure.mean());
        double used = decision == null
                ? is
                : decision.way() == Learnt.Way.HELD ? told.value().applyAsDouble(decision.mean()) : was;
        return new NotebookView.Known(
                figure.figure(),
                told.name(),
                told.unit(),
                was,
                is,
                told.value().applyAsDouble(figure.low()),
                told.value().applyAsDouble(figure.high()),
                told.typed() ? typed(figure.figure()) : used,
                figure.notes(),
                figure.aside().size(),
                decision == null ? null : decision.way(),
                told.typed());
    }

    /** A figure in words. */
    String name(String figure) {
        return told(unnoted(figure, new Learnt.Decision(Learnt.Way.HELD, 0))).name();
    }

    private double typed(String figure) {
        return own.mean(Learnt.habitsOf(figure).iterator().next());
    }

    private Told told(Figure figure) {
        String name = figure.figure();
        if (name.startsWith("thinning ")) {
            String key = name.substring("thinning ".length(), name.lastIndexOf(name.endsWith(" b") ? " b" : " ln t0"));
            BaseRecipe base = bases.get(key);
            String called = base == null ? key : base.name();
            return name.endsWith(" b")
                    ? new Told(
                            called + " thins, for each g of water in 100 g",
                            "",
                            value -> value,
                            base == null ? figure.mean() : base.curve().perGram(),
                            false)
                    : new Told(
                            called + " by itself",
                            Unit.SECONDS.sign(),
                            Math::exp,
                            Math.log(
                                    base == null
                                            ? Math.exp(figure.mean())
                                            : base.curve().ownCountSeconds()),
                            false);
        }
        if (name.startsWith("bake spread ")) {
            DoughRecipe dough = own.dough(name.substring("bake spread ".length()));
            double usual = dough.spreadPercent() == null ? own.mean(Habit.SPREAD_PERCENT) : dough.spreadPercent();
            return new Told(
                    "bake-spread, " + dough.name(),
                    Unit.PERCENT.sign(),
                    more -> usual + more,
                    0,
                    dough.spreadPercent() != null);
        }
        Set<Habit> habits = Learnt.habitsOf(name);
        boolean typed = !habits.isEmpty()
                && habits.stream()
                        .allMatch(habit -> own.habits().all().get(habit).source() == Measured.Source.SHOP);
        if (figure.scale() == Figure.Scale.SHARE) {
            return new Told(named(name), Unit.PERCENT.sign(), share -> PERCENT * share, Learnt.BREAKS_OF_HOUSE, typed);
        }
        if (figure.scale() == Figure.Scale.LOG && !habits.isEmpty() && !name.startsWith("seconds icing")) {
            Habit habit = habits.iterator().next();
            double house = habit.house().mean();
            return new Told(
                    NAMES.getOrDefault(name, habit.range().word()),
                    habit.range().unit().sign(),
                    log -> house * Math.exp(log),
                    0,
                    typed);
        }
        return figure.scale() == Figure.Scale.LOG
                ? new Told(named(name), Unit.TIMES.sign(), Math::exp, 0, typed)
                : new Told(named(name), "", value -> value, 0, typed);
    }

    private static String named(String figure) {
        return NAMES.getOrDefault(figure, figure);
    }
}

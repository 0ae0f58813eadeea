package kindthimble.core.work;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.pour.MixingOrder;

/** What is mixed for an order and those that are mixed with it, as tasks: the base, then the bowls; and the same once more for each addition since. */
final class MixingTasks {
    private static final int MINUTE = 60;
    private static final int HOUR = 60 * MINUTE;
    private static final int DAY = 24 * HOUR;

    private final Habits habits;
    private final List<Task> tasks = new ArrayList<>();

    /** By the key of a colour, its bowls: that of the plan, and those of additions. */
    private final Map<String, List<Mixed>> bowls = new LinkedHashMap<>();

    /**
     * A bowl, or what is added to it later.
     *
     * @param task key of its task
     * @param grams that are divided off for it
     */
    private record Mixed(String task, double grams) {}

    MixingTasks(WorkList.Order order, Habits habits) {
        this.habits = habits;
        Map<Integer, List<MixingOrder.Step>> parts = new TreeMap<>();
        order.mixing()
                .forEach(step -> parts.computeIfAbsent(step.addition(), nth -> new ArrayList<>())
                        .add(step));
        parts.forEach((addition, steps) -> mixed(order, addition, steps));
    }

    List<Task> tasks() {
        return tasks;
    }

    /** The key of the task that a step of an order's mixing belongs to. */
    static String key(long order, MixingOrder.Step step) {
        return key(order, step.addition()) + (step.colour() == null ? "base" : "bowl " + step.colour());
    }

    private static String key(long order, int addition) {
        return order + (addition == 0 ? " " : " more " + addition + " ");
    }

    private void mixed(WorkList.Order order, int addition, List<MixingOrder.Step> steps) {
        double base = 0;
        Map<String, Double> minutes = new TreeMap<>();
        Map<String, Double> grams = new HashMap<>();
        for (MixingOrder.Step step : steps) {
            if (step.colour() == null) {
                base += step.minutes();
            } else {
                minutes.merge(step.colour(), step.minutes(), Double::sum);
                grams.merge(step.colour(), step.dividedGrams(), Double::sum);
            }
        }
        List<Task.Wait> needsBase = new ArrayList<>();
        if (base > 0) {
            String mixed = key(order.id(), addition) + "base";
            tasks.add(Task.made(
                    mixed, Task.Work.BASE, order.id(), addition, null, (int) Math.round(base * MINUTE), List.of()));
            needsBase.add(new Task.Wait(mixed, 0, Task.Why.NEEDS));
        }
        Map<String, String> keys = new HashMap<>();
        // What is let down comes after the bowl that it comes out of.
        minutes.keySet().stream()
                .sorted(Comparator.comparing((String colour) -> order.mothers().containsKey(colour))
                        .thenComparing(colour -> colour))
                .forEach(colour -> {
                    String key = key(order.id(), addition) + "bowl " + colour;
                    List<Task.Wait> waits = new ArrayList<>(needsBase);
                    String mother = keys.get(order.mothers().getOrDefault(colour, ""));
                    if (mother != null) {
                        waits.add(new Task.Wait(mother, 0, Task.Why.NEEDS));
                    }
                    int seconds = (int) Math.round(minutes.get(colour) * MINUTE);
                    tasks.add(Task.made(key, Task.Work.BOWL, order.id(), addition, colour, seconds, waits));
                    keys.put(colour, key);
                    bowls.computeIfAbsent(colour, one -> new ArrayList<>()).add(new Mixed(key, grams.get(colour)));
                });
    }

    /**
     * What a tray waits for that takes a colour. Cookies drink from what was mixed first as far as it goes, then from what was added; a colour that has no
     * bowl of its own comes out of another one, and all of them have to be there.
     *
     * @param from share of the design's cookies that are iced before this tray, 0 to 1
     * @param to the same with it
     * @param waits to which they are added
     */
    void needs(WorkList.Order order, String colour, double from, double to, List<Task.Wait> waits) {
        List<Mixed> own = bowls.get(colour);
        List<String> all = own == null
                ? bowls.values().stream().flatMap(List::stream).map(Mixed::task).toList()
                : out(own, from, to).toList();
        int keeps = seconds(order.fresh() ? Habit.FRESH_WHITE_DAYS : Habit.POWDER_DAYS, DAY);
        for (String bowl : all) {
            if (waits.stream().noneMatch(wait -> wait.task().equals(bowl))) {
                waits.add(new Task.Wait(bowl, 0, keeps, Task.Why.NEEDS));
                if (order.deep().contains(colour) && own != null) {
                    waits.add(new Task.Wait(bowl, seconds(Habit.DEEP_REST_HOURS, HOUR), Task.Why.REST));
                }
            }
        }
    }

    private static Stream<String> out(List<Mixed> bowls, double from, double to) {
        double all = bowls.stream().mapToDouble(Mixed::grams).sum();
        List<String> out = new ArrayList<>();
        double begins = 0;
        for (int i = 0; i < bowls.size(); i++) {
            double ends = i == bowls.size() - 1 ? 1 : begins + bowls.get(i).grams() / all;
            if (from < ends - 1e-9 && to > begins + 1e-9) {
                out.add(bowls.get(i).task());
            }
            begins = ends;
        }
        return out.stream();
    }

    private int seconds(Habit habit, int secondsEach) {
        return (int) Math.round(habits.mean(habit) * secondsEach);
    }
}

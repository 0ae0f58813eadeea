package kindthimble.app.bench;

import java.util.Locale;
import java.util.Set;
import kindthimble.core.bench.Against;
import kindthimble.core.habit.Habit;
import kindthimble.core.habit.Habits;
import kindthimble.core.icing.BaseRecipe;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.notebook.Learnt;
import kindthimble.core.pour.MixingOrder;
import kindthimble.core.work.Task;

/**
 * What plan a step is pressed against, by the house's figures: what was learnt so far is taken out again, or it would be learnt a second time.
 */
final class PlannedStep {
    private static final double SECONDS = 60;

    /** Hands at these are planned with a figure of their own. */
    private static final Set<Task.Work> TIMED = Set.of(Task.Work.DOUGH, Task.Work.PACK, Task.Work.LABEL);

    private PlannedStep() {}

    /**
     * A step of mixing.
     *
     * @param used what it was planned with
     * @param written its base, as the recipe says
     * @param mixed what is mixed in it
     */
    static Against mixing(MixingOrder.Step part, Habits used, BaseRecipe written, BenchView.Mixed mixed) {
        String work = word(part.doing());
        boolean isCounted = part.doing() == MixingOrder.Doing.THIN && mixed.sugarGrams() == 0 && mixed.baseGrams() > 0;
        return new Against(
                work,
                part.minutes() * Learnt.houseTimes("minutes " + work, used),
                0,
                0,
                0,
                isCounted ? written.key() : null,
                isCounted ? written.curve().ownCountSeconds() : 0,
                isCounted ? mixed.baseGrams() : 0,
                null,
                0,
                0,
                1,
                null);
    }

    /**
     * Cookies in one pass.
     *
     * @param kitchen what they were planned with
     * @param eachSeconds of hands on one
     * @param icedGrams on one
     * @param coatGrams of those that are coats
     */
    static Against icing(Task task, Kitchen kitchen, double eachSeconds, double icedGrams, double coatGrams) {
        double times = kitchen.mean(kitchen.filling().coats());
        double coat = coatGrams / times;
        return new Against(
                word(task.doing()),
                task.handSeconds() / SECONDS,
                task.cookies(),
                eachSeconds * Learnt.houseTimes("seconds icing", kitchen.habits()),
                kitchen.mean(Habit.SET_OUT_SECONDS) * Learnt.houseTimes("seconds set out", kitchen.habits()),
                null,
                0,
                0,
                Learnt.school(kitchen.filling()),
                icedGrams - coatGrams + coat,
                coat,
                times,
                null);
    }

    /** Any other work. */
    static Against other(Task task, Habits used) {
        String work = word(task.doing());
        double minutes = TIMED.contains(task.doing()) ? task.handSeconds() / SECONDS : 0;
        return new Against(
                work, minutes * Learnt.houseTimes("minutes " + work, used), 0, 0, 0, null, 0, 0, null, 0, 0, 1, null);
    }

    private static String word(Enum<?> doing) {
        return doing.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}

package kindthimble.app.clock;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kindthimble.app.order.Kept;
import kindthimble.app.order.Orders;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import kindthimble.core.work.RoughWork;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Whether one more order can be taken: solved beside all that is ahead, and nothing is stored. */
@Service
@Transactional(readOnly = true)
class OneMore {
    /** No order has this number. */
    private static final long WISHED = Long.MAX_VALUE;

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEEE d MMM, HH:mm", Locale.ENGLISH);
    private static final int MOST_DAYS = 21;
    private static final int MOST_NAMED = 2;
    private static final int DAY = 24 * 3_600;

    private final Planning planning;
    private final Orders orders;
    private final WorkOfOrders works;

    OneMore(Planning planning, Orders orders, WorkOfOrders works) {
        this.planning = planning;
        this.orders = orders;
        this.works = works;
    }

    /**
     * @param cookies how many
     * @param hard how hard they are; null with an order that they are like
     * @param like number of an order that they are like; null for none
     * @param by when they are handed over, by the clock on the wall
     */
    @Schema(name = "OneMoreWish")
    record Wish(
            int cookies,
            @Nullable RoughWork.Hard hard,
            @Nullable Long like,
            LocalDateTime by) {}

    /**
     * @param can whether it can be taken
     * @param handMinutes that it takes
     * @param starts when it would have to be begun; null where it can't
     * @param sentence that says so
     * @param firstBy the first time of day on a later day by which it could be; null where it can, or none was found
     */
    @Schema(name = "OneMoreAnswer")
    record Answer(
            boolean can,
            int handMinutes,
            @Nullable LocalDateTime starts,
            String sentence,
            @Nullable LocalDateTime firstBy) {}

    Answer of(Wish wish) {
        if (wish.cookies() < 1 || wish.cookies() > Orders.MOST_COOKIES) {
            throw new Refused("cookies", "Say how many cookies, 1 to %,d.".formatted(Orders.MOST_COOKIES));
        }
        if (wish.by() == null) {
            throw new Refused("by", "Say by when.");
        }
        if (wish.hard() == null && wish.like() == null) {
            throw new Refused("hard", "Say how hard they are, or which order they are like.");
        }
        // Compared with a plan of the same kind: what is late anyway is no reason against one more.
        Plan now = planning.untidy(planning.plan().week());
        List<Task> tasks = tasks(wish, now.week().settings());
        int minutes = tasks.stream().mapToInt(Task::handSeconds).sum() / 60;
        Plan then = with(now, tasks, wish.by(), 0);
        if (isGood(now, then)) {
            LocalDateTime starts = then.schedule().placed().stream()
                    .filter(placed -> placed.task().order() == WISHED)
                    .findFirst()
                    .map(placed -> then.week().wall(placed.start()))
                    .orElseThrow();
            return new Answer(
                    true,
                    minutes,
                    starts,
                    "Yes: %s of hands, begun %s. Everything else stays in time."
                            .formatted(hours(minutes), WHEN.format(starts)),
                    null);
        }
        int days = firstDay(now, tasks, wish.by());
        if (days > 0) {
            LocalDateTime first = wish.by().plusDays(days);
            return new Answer(
                    false,
                    minutes,
                    null,
                    "No: %s It works by %s.".formatted(lacks(now, then, minutes), WHEN.format(first)),
                    first);
        }
        return new Answer(
                false,
                minutes,
                null,
                "No: %s Nor on any day of the three weeks after.".formatted(lacks(now, then, minutes)),
                null);
    }

    /** How many days later it works at first; 0 for none in sight. Two, four, eight and more days are tried, and then what lies between. */
    private int firstDay(Plan now, List<Task> tasks, LocalDateTime by) {
        int bad = 0;
        int good = 1;
        while (!isGood(now, with(now, tasks, by, good))) {
            bad = good;
            if (bad == MOST_DAYS) {
                return 0;
            }
            good = Math.min(MOST_DAYS, 2 * good);
        }
        while (good - bad > 1) {
            int middle = (good + bad) / 2;
            if (isGood(now, with(now, tasks, by, middle))) {
                good = middle;
            } else {
                bad = middle;
            }
        }
        return good;
    }

    private List<Task> tasks(Wish wish, ShopSettings settings) {
        double times = settings.drying().times(settings.habits());
        if (wish.like() == null) {
            return RoughWork.of(WISHED, wish.cookies(), wish.hard(), times, settings.habits());
        }
        Kept like = orders.order(wish.like());
        int before = like.designs().stream().mapToInt(Kept.KeptDesign::count).sum();
        if (before == 0) {
            throw new Refused("like", "That order has no cookies. Pick another one, or say how hard they are.");
        }
        List<Kept.KeptDesign> designs = new ArrayList<>();
        int left = wish.cookies();
        int of = before;
        for (Kept.KeptDesign design : like.designs()) {
            int n = of == 0 ? 0 : Math.round((float) left * design.count() / of);
            of -= design.count();
            left -= n;
            designs.add(new Kept.KeptDesign(design.id(), n, design.document()));
        }
        return works.wished(new Kept(WISHED, 0, like.details().forAnother(), designs), mixingMinutes(like))
                .tasks();
    }

    private double mixingMinutes(Kept like) {
        return works.of(like).tasks().stream()
                        .filter(task -> task.doing() == Task.Work.BASE || task.doing() == Task.Work.BOWL)
                        .mapToInt(Task::handSeconds)
                        .sum()
                / 60.0;
    }

    private Plan with(Plan now, List<Task> tasks, LocalDateTime by, int days) {
        Week week = now.week();
        Problem problem = week.problem();
        List<Task> all = new ArrayList<>(problem.tasks());
        all.addAll(tasks);
        Map<Long, Long> due = new HashMap<>(problem.due());
        due.put(
                WISHED,
                WorkList.readySeconds(
                        Week.seconds(by, week.zone()) + (long) days * DAY,
                        week.settings().habits()));
        return planning.untidy(new Week(
                week.now(),
                week.zone(),
                week.settings(),
                week.orders(),
                week.groups(),
                week.atBench(),
                problem.withTasks(all).withDue(due)));
    }

    /** Whether all of it is in time, and nothing else is later than it is anyway. */
    private static boolean isGood(Plan now, Plan then) {
        return then.without().size() == now.without().size()
                && then.schedule().lateSeconds().entrySet().stream()
                        .allMatch(one ->
                                one.getValue() <= now.schedule().lateSeconds().getOrDefault(one.getKey(), 0L));
    }

    private static String lacks(Plan now, Plan then, int minutes) {
        if (then.without().containsKey(WISHED)) {
            return then.without().get(WISHED);
        }
        Schedule schedule = then.schedule();
        long late = schedule.lateSeconds().getOrDefault(WISHED, 0L);
        List<String> others = schedule.lateSeconds().keySet().stream()
                .filter(order -> order != WISHED
                        && schedule.lateSeconds().get(order)
                                > now.schedule().lateSeconds().getOrDefault(order, 0L))
                .map(order -> then.week().order(order).details().name())
                .sorted()
                .toList();
        String itself = "it takes %s of hands, and would be %s late"
                .formatted(hours(minutes), hours((int) Math.ceil(late / 60.0)));
        if (others.isEmpty()) {
            return itself + ".";
        }
        String named = String.join(" and ", others.subList(0, Math.min(MOST_NAMED, others.size())));
        int more = others.size() - MOST_NAMED;
        return (late > 0 ? itself + ", and " : "")
                + named
                + (more > 0 ? " and %d more".formatted(more) : "")
                + " would be late.";
    }

    private static String hours(int minutes) {
        return minutes < 60 ? minutes + " min" : "%d h %02d".formatted(minutes / 60, minutes % 60);
    }
}

package kindthimble.app.clock;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import kindthimble.app.live.DatabaseReturned;
import kindthimble.app.live.ShopRevision;
import kindthimble.app.order.AllOrders;
import kindthimble.app.order.Kept;
import kindthimble.app.shop.ShopService;
import kindthimble.app.solver.Effort;
import kindthimble.app.solver.Solved;
import kindthimble.app.solver.Solver;
import kindthimble.core.clock.Bounds;
import kindthimble.core.clock.Greedy;
import kindthimble.core.clock.NoTime;
import kindthimble.core.clock.Pair;
import kindthimble.core.clock.Problem;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Validator;
import kindthimble.core.clock.Worth;
import kindthimble.core.hours.Sitting;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.words.Refused;
import kindthimble.core.work.Task;
import kindthimble.core.work.WorkList;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps one plan of all orders ahead: made at once when something has changed, then bettered in the background. What is shown anywhere of the clock
 * comes from it.
 */
@Component
class Planning implements DisposableBean {
    private static final Logger LOG = LoggerFactory.getLogger(Planning.class);
    private static final int DAYS_IN_SIGHT = 90;
    private static final int MOST_ORDERS = 40;
    private static final int STEP_SECONDS = 300;

    /** A plan that is so much worse than another, and nearer to the one before, is taken for that. */
    private static final double WORTH_STAYING = 1.02;

    private final AllOrders all;
    private final WorkOfOrders works;
    private final DoneAtBench bench;
    private final ShopService shop;
    private final ShopRevision shopRevision;
    private final Solver solver;
    private final Clock clock;
    private final double search;
    private final ExecutorService background = Executors.newSingleThreadExecutor(run -> {
        Thread thread = new Thread(run, "clock");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    private Key key;
    private Plan plan;

    private record Key(
            List<String> orders,
            List<Map<Long, Map<Integer, Double>>> doughs,
            long shop,
            DoneAtBench.Progress atBench) {}

    Planning(
            AllOrders all,
            WorkOfOrders works,
            DoneAtBench bench,
            ShopService shop,
            ShopRevision shopRevision,
            Solver solver,
            Clock clock,
            @Value("${kind-thimble.search}") double search) {
        this.all = all;
        this.works = works;
        this.bench = bench;
        this.shop = shop;
        this.shopRevision = shopRevision;
        this.solver = solver;
        this.clock = clock;
        this.search = search;
    }

    @EventListener(DatabaseReturned.class)
    synchronized void forgetThePlan() {
        if (plan != null) {
            plan.stop();
        }
        plan = null;
        key = null;
    }

    /** When the present minutes are over: from then on there are hands. */
    private long now() {
        long seconds = clock.instant().getEpochSecond();
        return (seconds + STEP_SECONDS - 1) / STEP_SECONDS * STEP_SECONDS;
    }

    /** The plan as it stands; made anew where something has changed. */
    @Transactional(readOnly = true)
    public Plan plan() {
        ShopSettings settings = shop.settings();
        long now = now();
        LocalDate today = LocalDate.now(clock);
        List<Kept> ahead = all.between(today, today.plusDays(DAYS_IN_SIGHT)).stream()
                .filter(order -> WorkList.readySeconds(
                                Week.seconds(order.details().handOver(), clock.getZone()), settings.habits())
                        > now)
                .sorted(Comparator.comparing((Kept one) -> one.details().handOver())
                        .thenComparing(Kept::id))
                .limit(MOST_ORDERS)
                .toList();
        Map<Long, WorkOfOrders.Group> groups = new LinkedHashMap<>();
        for (Kept order : ahead) {
            WorkOfOrders.Group group = works.of(order);
            groups.put(group.leading(), group);
        }
        Key wanted = new Key(
                groups.values().stream()
                        .flatMap(group -> group.orders().stream())
                        .map(order -> order.id() + "." + order.revision() + "." + ahead.contains(order))
                        .toList(),
                groups.values().stream().map(WorkOfOrders.Group::doughs).toList(),
                shopRevision.now(),
                bench.progress(groups.values()));
        synchronized (this) {
            if (plan == null || !wanted.equals(key) || isBehind(now)) {
                Plan before = plan;
                if (before != null) {
                    before.stop();
                }
                plan = made(
                        Week.of(now, clock.getZone(), settings, ahead, List.copyOf(groups.values()), wanted.atBench),
                        before);
                key = wanted;
                search(plan);
            }
            return plan;
        }
    }

    /** Whether something of the plan should have been begun by now: as nobody has said that it was, it is still to do. */
    private boolean isBehind(long now) {
        return now > plan.week().now()
                && plan.schedule().placed().stream().anyMatch(placed -> placed.start() < now - STEP_SECONDS);
    }

    void stop() {
        Plan now;
        synchronized (this) {
            now = plan;
        }
        if (now != null) {
            now.stop();
        }
    }

    /** A plan made at once; what finds no time is left out of it, and said. */
    private Plan made(Week week, Plan before) {
        return made(week, before, true);
    }

    /** Whether and how late things would be: a plan whose sittings and bags are as they come. */
    Plan untidy(Week week) {
        return made(week, null, false);
    }

    private Plan made(Week week, Plan before, boolean isTidy) {
        Problem problem = week.problem();
        Map<Long, String> without = new HashMap<>();
        while (true) {
            try {
                Schedule schedule = isTidy ? Greedy.of(problem) : Greedy.untidy(problem);
                List<String> faults = Validator.faults(problem, schedule);
                if (!faults.isEmpty()) {
                    LOG.error("A plan that can't be carried out: {}", faults.get(0));
                    throw new Refused(
                            "", "The plan came out wrong, and is not shown. Change something, and look again.");
                }
                Schedule near = before == null ? null : near(problem, schedule, before);
                Week placed = new Week(
                        week.now(),
                        week.zone(),
                        week.settings(),
                        week.orders(),
                        week.groups(),
                        week.atBench(),
                        problem);
                long bound = schedule.lateSeconds().isEmpty() ? Bounds.counted(problem) : 0;
                return new Plan(placed, without, new Solved(near == null ? schedule : near, bound, false));
            } catch (NoTime noTime) {
                long order = noTime.task().order();
                without.put(order, why(problem, noTime));
                // What is mixed for others stays.
                problem = problem.withTasks(problem.tasks().stream()
                        .filter(task -> task.order() != order)
                        .map(task -> task.waiting(task.waits().stream()
                                .filter(wait -> !wait.task().startsWith(order + " "))
                                .toList()))
                        .toList());
            }
        }
    }

    private static String why(Problem problem, NoTime noTime) {
        if (problem.sittings().isEmpty()) {
            return "There are no working hours. Set some under The shop's numbers, Hours and room.";
        }
        long longest =
                problem.sittings().stream().mapToLong(Sitting::seconds).max().orElse(0);
        return noTime.task().wholeSeconds() > longest
                ? "One tray takes %.1f h in one go, and no stretch of your working hours is so long. Put fewer cookies on a tray, or work longer in one go."
                        .formatted(noTime.task().wholeSeconds() / 3600.0)
                : "The working hours of the next months do not hold all of it. Hand it over later, ice fewer, or take help.";
    }

    /** A plan in the sittings of the one before, if that is about as good; null for none. */
    private static Schedule near(Problem problem, Schedule schedule, Plan before) {
        Set<Long> used = before.schedule().placed().stream()
                .filter(placed -> placed.hands() == 0)
                .flatMap(placed -> before.week().problem().sittings().stream()
                        .filter(one -> one.start() <= placed.start() && placed.start() < one.end())
                        .map(Sitting::end))
                .collect(Collectors.toSet());
        List<Pair> hands = new ArrayList<>(problem.hands());
        Pair own = hands.get(0);
        hands.set(
                0,
                new Pair(
                        own.name(),
                        own.sittings().stream()
                                .filter(one -> used.contains(one.end()))
                                .toList(),
                        own.does()));
        try {
            Schedule same = again(problem, before.schedule());
            Schedule near = same == null ? Greedy.of(problem.with(hands)) : same;
            Worth worth = Worth.of(problem, near);
            Worth other = Worth.of(problem, schedule);
            boolean isAsGood = worth.lateSeconds() <= other.lateSeconds()
                    && worth.spoiled() <= other.spoiled()
                    && near.unkept().size() <= schedule.unkept().size()
                    && worth.counted() <= other.counted() * WORTH_STAYING;
            return isAsGood && Validator.faults(problem, near).isEmpty() ? near : null;
        } catch (NoTime noTime) {
            return null;
        }
    }

    private void search(Plan searched) {
        background.execute(() -> {
            if (searched.isStopped()) {
                return;
            }
            try {
                searched.better(solver.solve(
                        searched.week().problem(),
                        searched.schedule(),
                        Effort.PLAN.times(search),
                        searched::better,
                        searched::isStopped));
            } catch (RuntimeException e) {
                LOG.error("The search for a better plan has failed; the one made at once stands", e);
            } finally {
                searched.searched();
            }
        });
    }

    /** A plan for a question: solved while it is waited for, and kept nowhere. The plan as it stands is where the search starts, if it still holds. */
    Plan asked(Week week, Plan now) {
        Plan made = made(week, null);
        Problem problem = made.week().problem();
        Schedule same = again(problem, now.schedule());
        Schedule first = same != null && Worth.of(problem, same).compareTo(Worth.of(problem, made.schedule())) < 0
                ? same
                : made.schedule();
        made.better(solver.solve(problem, first, Effort.QUESTION.times(search), better -> {}, () -> false));
        made.searched();
        return made;
    }

    /** The same times for the tasks of another problem; null where that can't be carried out. */
    private static Schedule again(Problem problem, Schedule before) {
        Map<String, Schedule.Placed> at = new HashMap<>();
        before.placed().forEach(placed -> at.put(placed.task().key(), placed));
        List<Schedule.Placed> placed = new ArrayList<>();
        for (Task task : problem.tasks()) {
            Schedule.Placed known = at.get(task.key());
            if (known == null || known.hands() >= problem.hands().size()) {
                return null;
            }
            placed.add(new Schedule.Placed(task, known.start(), known.hands()));
        }
        Schedule same = Greedy.schedule(problem, placed);
        return Validator.faults(problem, same).isEmpty() ? same : null;
    }

    boolean canSearch() {
        return solver.isThere();
    }

    @Override
    public void destroy() {
        // What is searched is told so, and not interrupted: an interrupt closes files under whoever reads them.
        stop();
        background.shutdown();
    }
}

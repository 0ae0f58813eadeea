package kindthimble.app.clock;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.annotation.Nullable;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import kindthimble.app.cookie.CookieService;
import kindthimble.app.order.Kept;
import kindthimble.app.plan.Planner;
import kindthimble.core.clock.Schedule;
import kindthimble.core.clock.Worth;
import kindthimble.core.design.Cookie;
import kindthimble.core.design.Design;
import kindthimble.core.habit.Habit;
import kindthimble.core.hours.DayHours;
import kindthimble.core.hours.Helper;
import kindthimble.core.hours.Hours;
import kindthimble.core.hours.Span;
import kindthimble.core.hours.Working;
import kindthimble.core.kitchen.DetailSchool;
import kindthimble.core.kitchen.Kitchen;
import kindthimble.core.kitchen.ShopSettings;
import kindthimble.core.kitchen.TraysDry;
import kindthimble.core.move.Move;
import kindthimble.core.words.Range;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Solves what the plan would be if something were otherwise. Nothing is stored. */
@Service
@Transactional(readOnly = true)
class WhatIf {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE", Locale.ENGLISH);
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);
    private static final double DRY_PERCENT = 40;
    private static final double DRIER_BY = 15;
    private static final int HALF_HOUR = 1_800;
    private static final int LATER_HOURS = 3;
    private static final int DOZEN = 12;
    private static final int MOST_DOZENS = 6;
    private static final int MOST_STEPS = 40;

    private final Planning planning;
    private final WorkOfOrders works;
    private final CookieService cookies;
    private final Planner planner;

    WhatIf(Planning planning, WorkOfOrders works, CookieService cookies, Planner planner) {
        this.planning = planning;
        this.works = works;
        this.cookies = cookies;
        this.planner = planner;
    }

    /**
     * @param otherwise what would be otherwise
     * @param words the same in words
     * @param starts when the order would have to be begun; null where it finds no time
     * @param ends when the order would be packed; null where it finds no time
     * @param lateMinutes how late the order would be
     * @param lateOrders how many orders would be late
     * @param sittings that all orders would take
     * @param betterBy in a few words what is better, or worse; empty for nothing
     * @param mends whether the order is late now and would not be, with no other one later; of an order that is in time, whether none would be late
     */
    @Schema(name = "WhatIfAnswer")
    record Answer(
            Otherwise otherwise,
            String words,
            @Nullable LocalDateTime starts,
            @Nullable LocalDateTime ends,
            int lateMinutes,
            int lateOrders,
            int sittings,
            String betterBy,
            boolean mends) {}

    private record Changed(String words, Week week) {}

    /**
     * @throws Refused where there is no plan to compare with
     */
    Answer of(long order, Otherwise otherwise) {
        Plan now = planning.plan();
        if (now.week().order(order) == null || now.without().containsKey(order)) {
            throw new Refused("", "This order is not on the clock, so that nothing can be compared with it.");
        }
        Plan then;
        Changed changed;
        if (otherwise == Otherwise.LATER || otherwise == Otherwise.FEWER) {
            int step = 1;
            do {
                changed = changed(now, order, otherwise, step);
                then = planning.asked(changed.week, now);
                step++;
            } while (!then.schedule().lateSeconds().isEmpty()
                    && now.schedule().lateSeconds().containsKey(order)
                    && then.schedule().lateSeconds().containsKey(order)
                    && step
                            <= (otherwise == Otherwise.LATER
                                    ? MOST_STEPS
                                    : mostDozens(now.week().order(order))));
        } else {
            changed = changed(now, order, otherwise, 1);
            then = planning.asked(changed.week, now);
        }
        return answer(order, otherwise, changed.words, now, then);
    }

    private Answer answer(long order, Otherwise otherwise, String words, Plan now, Plan then) {
        List<Schedule.Placed> own = own(then, order);
        Worth before = Worth.of(now.week().problem(), now.schedule());
        Worth after = Worth.of(then.week().problem(), then.schedule());
        return new Answer(
                otherwise,
                words,
                own.isEmpty() ? null : then.week().wall(own.get(0).start()),
                own.isEmpty()
                        ? null
                        : then.week()
                                .wall(own.stream()
                                        .mapToLong(Schedule.Placed::end)
                                        .max()
                                        .orElseThrow()),
                (int) Math.ceil(then.schedule().lateSeconds().getOrDefault(order, 0L) / 60.0),
                then.schedule().lateSeconds().size(),
                after.sittings(),
                compared(before, after, own(now, order), own),
                mends(order, now, then));
    }

    /** Whether it brings the order in time, or all where only others are late, and makes no other one later. */
    private static boolean mends(long order, Plan now, Plan then) {
        Map<Long, Long> before = now.schedule().lateSeconds();
        Map<Long, Long> after = then.schedule().lateSeconds();
        boolean isInTime = before.containsKey(order) ? !after.containsKey(order) : !before.isEmpty() && after.isEmpty();
        return isInTime
                && now.without().keySet().containsAll(then.without().keySet())
                && after.entrySet().stream()
                        .allMatch(late -> late.getValue() <= before.getOrDefault(late.getKey(), 0L));
    }

    private static List<Schedule.Placed> own(Plan plan, long order) {
        return plan.schedule().placed().stream()
                .filter(placed -> placed.task().order() == order)
                .toList();
    }

    private static String compared(Worth before, Worth after, List<Schedule.Placed> now, List<Schedule.Placed> then) {
        List<String> said = new ArrayList<>();
        if (after.lateSeconds() != before.lateSeconds()) {
            said.add(hours(Math.abs(after.lateSeconds() - before.lateSeconds()))
                    + (after.lateSeconds() < before.lateSeconds() ? " less late" : " more late"));
        }
        int fewer = before.sittings() - after.sittings();
        if (fewer != 0) {
            said.add(Math.abs(fewer)
                    + (Math.abs(fewer) == 1 ? " sitting " : " sittings ")
                    + (fewer > 0 ? "fewer" : "more"));
        }
        if (!now.isEmpty() && !then.isEmpty()) {
            long by = then.get(0).start() - now.get(0).start();
            if (Math.abs(by) >= HALF_HOUR) {
                said.add("begun " + hours(Math.abs(by)) + (by > 0 ? " later" : " earlier"));
            }
        }
        return String.join(", ", said);
    }

    private static String hours(long seconds) {
        long minutes = Math.round(seconds / 60.0);
        return minutes < 60 ? minutes + " min" : "%d h %02d".formatted(minutes / 60, minutes % 60);
    }

    private Changed changed(Plan now, long order, Otherwise otherwise, int step) {
        Week week = now.week();
        ShopSettings settings = week.settings();
        return switch (otherwise) {
            case FAN ->
                settings.drying() == TraysDry.UNDER_THE_FAN
                        ? shop(week, "without the fan", settings.with(TraysDry.IN_STILL_AIR))
                        : shop(week, "with the fan on", settings.with(TraysDry.UNDER_THE_FAN));
            case DEHYDRATOR -> shop(week, "in a dehydrator", settings.with(TraysDry.IN_THE_DEHYDRATOR));
            case DRIER_ROOM -> {
                double percent = settings.mean(Habit.ROOM_HUMIDITY) > DRY_PERCENT + DRIER_BY
                        ? DRY_PERCENT
                        : Math.max(20, settings.mean(Habit.ROOM_HUMIDITY) - DRIER_BY);
                yield shop(
                        week,
                        "in a room of " + Range.plain(percent) + " %",
                        settings.with(Habit.ROOM_HUMIDITY, percent).withRoomDays(List.of()));
            }
            case OTHER_SCHOOL ->
                settings.detail() == DetailSchool.HALF_DRY
                        ? shop(week, "detail overnight", settings.with(DetailSchool.OVERNIGHT))
                        : shop(week, "detail half dry", settings.with(DetailSchool.HALF_DRY));
            case HELPER -> helper(now, order);
            case EASIER -> easier(week, order);
            case FEWER -> fewer(week, order, step);
            case LATER -> later(now, order, step);
        };
    }

    private Changed shop(Week week, String words, ShopSettings other) {
        return new Changed(words, week.otherwise(works, other, week.orders()));
    }

    private Changed orders(Week week, String words, Kept changed) {
        return new Changed(
                words,
                week.otherwise(
                        works,
                        week.settings(),
                        week.orders().stream()
                                .map(one -> one.id() == changed.id() ? changed : one)
                                .toList()));
    }

    /** On the last day before the hand-over on which the decorator works herself, or that day: from two to six. */
    private Changed helper(Plan now, long order) {
        Week week = now.week();
        LocalDate day = Hours.day(week.problem().due().get(order), week.zone()).minusDays(1);
        LocalDate first = Hours.day(week.now(), week.zone());
        if (day.isBefore(first)) {
            day = first;
        }
        Working working = week.settings().working();
        List<Helper> helpers = new ArrayList<>(working.helpers());
        helpers.add(new Helper(
                "a helper",
                Hours.NONE.with(new DayHours(day, List.of(new Span(LocalTime.of(14, 0), LocalTime.of(18, 0))))),
                EnumSet.allOf(Helper.Help.class)));
        return shop(
                week,
                "a helper on " + DAY.format(day) + " from two to six",
                week.settings().with(new Working(working.own(), helpers)));
    }

    private Changed easier(Week week, long id) {
        Kept order = week.order(id);
        Kitchen kitchen = Planner.kitchen(week.settings(), planner.recipe(order.details()), order.details());
        Kept.KeptDesign hardest = order.designs().stream()
                .filter(design -> design.count() > 0)
                .max(Comparator.comparingInt(
                                (Kept.KeptDesign design) -> passes(cookies.measure(design.document(), kitchen)))
                        .thenComparing(design ->
                                cookies.measure(design.document(), kitchen).handSeconds() * design.count()))
                .orElseThrow(() -> new Refused("", "There is no design to make easier."));
        Cookie cookie = cookies.measure(hardest.document(), kitchen);
        int last = passes(cookie);
        List<Move> moves = new ArrayList<>();
        for (int i = 0; i < hardest.document().moves().size(); i++) {
            int move = i;
            boolean isOfLast =
                    last > 1 && cookie.marks().stream().anyMatch(on -> on.move() == move && on.pass() == last);
            if (!isOfLast) {
                moves.add(hardest.document().moves().get(i));
            }
        }
        if (moves.size() == hardest.document().moves().size()) {
            throw new Refused("", "Each design is iced in one pass already.");
        }
        Design document = hardest.document();
        Design easier = document.withMoves(moves);
        return orders(
                week, document.name() + " without its last pass", with(order, hardest.id(), hardest.count(), easier));
    }

    private static int passes(Cookie cookie) {
        return cookie.marks().stream().mapToInt(on -> on.pass()).max().orElse(0);
    }

    private Changed fewer(Week week, long id, int step) {
        Kept order = week.order(id);
        if (mostDozens(order) == 0) {
            throw new Refused("", "There is no design with more than a dozen, of which a dozen could be left out.");
        }
        Kept.KeptDesign largest = largest(order);
        int fewer = DOZEN * step;
        return orders(
                week,
                fewer + " of " + largest.document().name() + " fewer",
                with(order, largest.id(), largest.count() - fewer, largest.document()));
    }

    private static Kept.KeptDesign largest(Kept order) {
        return order.designs().stream()
                .max(Comparator.comparingInt(Kept.KeptDesign::count))
                .orElseThrow();
    }

    /** How many dozens of the largest design can be left out, so that some of it are left. */
    private static int mostDozens(Kept order) {
        return order.designs().isEmpty()
                ? 0
                : Math.min(MOST_DOZENS, (largest(order).count() - 1) / DOZEN);
    }

    private static Kept with(Kept order, long design, int count, Design document) {
        return new Kept(
                order.id(),
                order.revision(),
                order.details(),
                order.designs().stream()
                        .map(one -> one.id() == design ? new Kept.KeptDesign(design, count, document) : one)
                        .toList());
    }

    /** By as much as it is late now, in half hours, and half an hour more each step; by three hours where it is not late. */
    private Changed later(Plan now, long id, int step) {
        Week week = now.week();
        Kept order = week.order(id);
        long late = now.schedule().lateSeconds().getOrDefault(id, 0L);
        long by = late == 0 ? LATER_HOURS * 3_600L : ((late + HALF_HOUR - 1) / HALF_HOUR + step - 1) * HALF_HOUR;
        LocalDateTime then = order.details().handOver().plusSeconds(by);
        return orders(
                week,
                "handed over " + WHEN.format(then),
                new Kept(order.id(), order.revision(), order.details().at(then), order.designs()));
    }
}

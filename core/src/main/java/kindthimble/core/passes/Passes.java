package kindthimble.core.passes;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.IntFunction;
import kindthimble.core.drying.Gate;
import kindthimble.core.drying.Stage;
import kindthimble.core.geometry.Extent;
import kindthimble.core.habit.Habits;
import kindthimble.core.mark.Coat;
import kindthimble.core.mark.OnPieces;

/**
 * Numbers the passes of a cookie: what is made before it, on film or as a cookie on top, ends with pass 0; then the coats, with what sinks into them, each after the one
 * before has skinned; then all else. Where two things touch, the order in which she lists them is the order of work; what does not touch
 * is done in one pass where it is the same kind of work behind the same gate. A coat that she lists after print, paint or marker beside
 * it comes after that.
 */
public final class Passes {
    /** Number of the last pass of what is made ahead; those before count down from it. */
    public static final int AHEAD = 0;

    private static final int NONE = -1;

    /** From this share on, all of a mark lies on another. */
    private static final double WHOLLY = 0.95;

    private final List<Step> steps;
    private final int earlySlots;
    private final Habits habits;
    private final List<Open> open = new ArrayList<>();
    private final int[] passOf;
    private final Map<Integer, Integer> passOfSlot = new HashMap<>();
    private final Extent[] extents;

    /** How many passes what is made ahead takes. */
    private final int ahead;

    /**
     * @param number from 1; 0 and less for what is made ahead
     * @param stage what kind of work it is
     * @param gate what has to be so before it starts
     * @param gateMinutes how long that takes in still air after what it waits for; 0 for nothing
     * @param waitMinutes how much of that is left when the pass before is done; 0 when it has come already
     * @param after the move that it waits for; null for none
     * @param move the move that waits for it; null for none
     * @param dryMinutes how long after it all that goes on in it is dry enough to be packed, in still air
     */
    public record Pass(
            int number,
            Stage stage,
            Gate gate,
            int gateMinutes,
            int waitMinutes,
            Integer after,
            Integer move,
            int dryMinutes) {}

    /** A pass while it is filled. */
    private static final class Open {
        private final int number;
        private final Stage stage;
        private final Gate own;
        private final Double ownMinutes;
        private final List<Need> needs = new ArrayList<>();

        Open(int number, Stage stage, Gate own, Double ownMinutes) {
            this.number = number;
            this.stage = stage;
            this.own = own;
            this.ownMinutes = ownMinutes;
        }
    }

    /** A gate that has to have come since a pass: what lies there, and what goes on it. */
    private record Need(Gate gate, int since, int lower, int upper, int minutes) {}

    /**
     * @param steps of one cookie, in her order
     * @param earlySlots how many of the coats' slots come first of all; those beyond follow what they wait for
     * @param creases given a slot, those that it waits for
     * @param habits with how long the gates take
     */
    public Passes(List<Step> steps, int earlySlots, IntFunction<List<Crease>> creases, Habits habits) {
        this.steps = List.copyOf(steps);
        this.habits = habits;
        this.passOf = new int[steps.size()];
        this.extents = new Extent[steps.size()];
        this.ahead = steps.stream()
                .filter(Passes::isAhead)
                .mapToInt(Passes::aheadSlot)
                .max()
                .orElse(0);
        this.earlySlots = Math.min(
                earlySlots,
                steps.stream()
                        .filter(step -> !isAhead(step))
                        .mapToInt(Step::slot)
                        .filter(slot -> slot <= earlySlots)
                        .max()
                        .orElse(0));
        for (int slot = 1; slot <= this.earlySlots; slot++) {
            Open coats = new Open(slot, Stage.COAT, slot == 1 ? Gate.BARE_COOKIE : Gate.SKINNED, null);
            if (slot > 1) {
                coats.needs.addAll(creases(slot, creases.apply(slot)));
            }
            open.add(coats);
            passOfSlot.put(slot, slot);
        }
        for (int i = 0; i < steps.size(); i++) {
            passOf[i] = place(i);
        }
    }

    /** What coats wait for of those before them: a skin, or as long as she says; of the slot right before in any case. */
    private List<Need> creases(int slot, List<Crease> creases) {
        List<Need> needs = new ArrayList<>();
        int skin = Gate.SKINNED.minutes(habits);
        if (creases.stream().noneMatch(crease -> crease.since() == slot - 1)) {
            needs.add(new Need(Gate.SKINNED, slot - 1, coatOf(slot - 1, null), coatOf(slot, null), skin));
        }
        for (Crease crease : creases) {
            needs.add(new Need(
                    Gate.SKINNED,
                    crease.since(),
                    coatOf(crease.since(), crease.beside()),
                    coatOf(slot, crease.section()),
                    crease.minutes() > 0 ? crease.minutes() : skin));
        }
        return needs;
    }

    /** The move that coats a section in a slot; without a section the first of the slot. */
    private int coatOf(int slot, String section) {
        return steps.stream()
                .filter(step -> step.slot() == slot && step.mark() instanceof Coat)
                .filter(step -> section == null || step.sections().contains(section))
                .findFirst()
                .map(Step::move)
                .orElse(0);
    }

    /** All of them, in order. */
    public List<Pass> list() {
        List<Pass> list = new ArrayList<>();
        for (int slot = 1; slot <= ahead; slot++) {
            list.add(aheadPass(slot));
        }
        // How long after the first pass each one starts, hands left out.
        int[] starts = new int[open.size() + 1];
        for (Open pass : open) {
            int before = pass.number > 1 ? starts[pass.number - 1] : 0;
            int start = before;
            Need binding = null;
            for (Need need : pass.needs) {
                int ready = starts[need.since()] + need.minutes();
                if (binding == null || ready > start || isStricter(need, binding) && ready == start) {
                    start = Math.max(start, ready);
                    binding = need;
                }
            }
            starts[pass.number] = start;
            list.add(new Pass(
                    pass.number,
                    pass.stage,
                    binding == null ? pass.own : binding.gate(),
                    binding == null ? 0 : binding.minutes(),
                    start - before,
                    binding == null ? null : Integer.valueOf(binding.lower()),
                    binding == null ? null : Integer.valueOf(binding.upper()),
                    dryMinutes(pass.number)));
        }
        return list;
    }

    private static boolean isAhead(Step step) {
        return step.mark().stage() == Stage.AHEAD;
    }

    private static int aheadSlot(Step step) {
        return Math.max(1, step.slot());
    }

    /** A pass of what is made ahead: behind what the slowest of all that goes on in it waits for. */
    private Pass aheadPass(int slot) {
        Gate gate = Gate.BARE_COOKIE;
        int minutes = 0;
        for (Step step : steps) {
            if (!isAhead(step) || aheadSlot(step) != slot || slot == 1) {
                continue;
            }
            Gate own = step.mark().gate();
            int ownMinutes = step.mark() instanceof OnPieces on ? on.gateMinutes() : own.minutes(habits);
            if (ownMinutes > minutes) {
                gate = own;
                minutes = ownMinutes;
            }
        }
        return new Pass(slot - ahead, Stage.AHEAD, gate, minutes, minutes, null, null, dryMinutes(slot - ahead));
    }

    /** The slowest of all that goes on in a pass. */
    private int dryMinutes(int pass) {
        int minutes = 0;
        for (int i = 0; i < steps.size(); i++) {
            if (passOf[i] == pass) {
                minutes = Math.max(minutes, steps.get(i).mark().dryMinutes(habits));
            }
        }
        return minutes;
    }

    private static boolean isStricter(Need one, Need other) {
        return one.gate().compareTo(other.gate()) > 0;
    }

    /** The number of the pass in which a step goes on, by its place in the list. */
    public int of(int step) {
        return passOf[step];
    }

    /** The number of the pass of a slot of the coats. */
    public int ofSlot(int slot) {
        return passOfSlot.getOrDefault(slot, slot);
    }

    /**
     * The youngest of all listed before a step that is icing, and no coat of a section, and that the step goes into while it is wet: what she lays it on, or what
     * most of it lies on. It goes on in that one's pass, right after it.
     *
     * @return its place in the list; -1 for what goes into a coat, or is not wet
     */
    private int wetUnder(int i) {
        Step upper = steps.get(i);
        if (upper.mark().stage() != Stage.COAT
                || upper.mark() instanceof Coat
                || upper.mark().gate() != Gate.WET) {
            return NONE;
        }
        int youngest = NONE;
        for (int j = 0; j < i; j++) {
            Step lower = steps.get(j);
            boolean isWet = lower.mark().icing() != null
                    && (lower.mark().stage() != Stage.COAT || lower.mark().gate() == Gate.WET)
                    && passOf[j] > AHEAD
                    && lower.move() != upper.move();
            if (isWet
                    && (youngest == NONE || passOf[j] >= passOf[youngest])
                    && (upper.onMove() == lower.move() || touch(i, j) && liesOn(i, j))) {
                youngest = j;
            }
        }
        return youngest;
    }

    private boolean liesOn(int upper, int lower) {
        return extent(upper).shareWithin(extent(lower)) >= Waits.LIES_ON;
    }

    private int place(int i) {
        Step step = steps.get(i);
        if (isAhead(step)) {
            return aheadSlot(step) - ahead;
        }
        int under = wetUnder(i);
        if (under >= 0) {
            return passOf[under];
        }
        if (step.slot() > 0 && passOfSlot.containsKey(step.slot())) {
            return passOfSlot.get(step.slot());
        }
        List<Need> needs = needs(i);
        int earliest = needs.stream()
                .mapToInt(need -> need.gate() == Gate.WET ? need.since() : need.since() + 1)
                .max()
                .orElse(1);
        Open pass = step.slot() > 0 ? added(step) : fitting(step, Math.max(earliest, earlySlots + 1));
        needs.stream().filter(need -> need.since() < pass.number).forEach(pass.needs::add);
        if (step.slot() > 0) {
            passOfSlot.put(step.slot(), pass.number);
        }
        return pass.number;
    }

    /** The first pass from one on that does the same work behind the same gate; a new one at the end where there is none. */
    private Open fitting(Step step, int earliest) {
        for (Open pass : open) {
            if (pass.number >= earliest
                    && pass.stage == step.mark().stage()
                    && pass.own == step.mark().gate()
                    && Objects.equals(pass.ownMinutes, step.ownMinutes())) {
                return pass;
            }
        }
        return added(step);
    }

    private Open added(Step step) {
        Open pass = new Open(open.size() + 1, step.mark().stage(), step.mark().gate(), step.ownMinutes());
        open.add(pass);
        return pass;
    }

    /** What a step waits for, of all that she lists before it. */
    private List<Need> needs(int i) {
        Step upper = steps.get(i);
        boolean isCoat = upper.mark().stage() == Stage.COAT;
        boolean isOnMarksAlone = isDressing(upper.mark().stage()) && isOnRaised(i);
        List<Need> needs = new ArrayList<>();
        for (int j = 0; j < i; j++) {
            Step lower = steps.get(j);
            int since = passOf[j];
            if (lower.move() == upper.move() && !upper.mark().waitsForItsOwn() || since <= AHEAD) {
                continue;
            }
            if (lower.mark().stage() == Stage.COAT) {
                if (!isCoat
                        && !isOnMarksAlone
                        && lower.mark() instanceof Coat
                        && meet(upper.sections(), lower.sections())) {
                    needs.add(need(upper.mark().gate(), since, lower, upper));
                }
            } else if (isCoat) {
                if (isDressing(lower.mark().stage())) {
                    needs.add(need(Gate.PRINT_DRY, since, lower, upper));
                }
            } else if (lower.move() == upper.move() || touch(i, j)) {
                Gate gate = Waits.between(upper.mark(), shareOn(i, j), lower.mark());
                needs.add(need(gate, since, lower, upper));
            }
        }
        return needs;
    }

    /** Whether all of it lies on raised parts, and nothing on the coat under them. */
    private boolean isOnRaised(int i) {
        for (int j = 0; j < i; j++) {
            Step lower = steps.get(j);
            if (lower.mark().stage() == Stage.RAISED
                    && (steps.get(i).onMove() == lower.move()
                            || touch(i, j) && extent(i).shareWithin(extent(j)) >= WHOLLY)) {
                return true;
            }
        }
        return false;
    }

    private Need need(Gate gate, int since, Step lower, Step upper) {
        return new Need(
                gate,
                since,
                lower.move(),
                upper.move(),
                // Through a texture sheet nothing goes on, whatever she says.
                upper.ownMinutes() == null || gate == Gate.TEXTURE_SHEET
                        ? gate.minutes(habits, lower.mark().dryingMm())
                        : (int) Math.round(upper.ownMinutes()));
    }

    private static boolean isDressing(Stage stage) {
        return stage != Stage.RAISED && stage != Stage.SECOND && stage != Stage.GUIDE;
    }

    private static boolean meet(Set<String> one, Set<String> other) {
        return one.stream().anyMatch(other::contains);
    }

    private boolean touch(int upper, int lower) {
        return meet(steps.get(upper).sections(), steps.get(lower).sections())
                && extent(upper).touches(extent(lower));
    }

    private double shareOn(int upper, int lower) {
        Stage stage = steps.get(upper).mark().stage();
        return stage == Stage.RAISED && steps.get(lower).mark().stage() == Stage.RAISED
                ? extent(upper).shareWithin(extent(lower))
                : 1;
    }

    private Extent extent(int step) {
        if (extents[step] == null) {
            extents[step] = steps.get(step).mark().extent();
        }
        return extents[step];
    }
}

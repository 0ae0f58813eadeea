package kindthimble.core.drying;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kindthimble.core.habit.Habits;

/**
 * Numbers the passes of a cookie: what is made ahead on film is pass 0; then the coats, with what sinks into them, each after the
 * one before has skinned; then, on the dry coat, guides, airbrush, stencil, raised detail and marker in that order. Within each of
 * those, what needs a stricter gate than has come already is a pass of its own.
 */
public final class Passes {
    /** Number of what is made ahead. */
    public static final int AHEAD = 0;

    private final List<Pass> list = new ArrayList<>();
    private final Map<Stage, Map<Gate, Integer>> afterCoats = new EnumMap<>(Stage.class);

    /**
     * @param number from 1; 0 for what is made ahead on film
     * @param stage what kind of work it is
     * @param gate what has to be so before it starts
     * @param waitMinutes how long that takes in still air; 0 when it has come already
     */
    public record Pass(int number, Stage stage, Gate gate, int waitMinutes) {}

    /**
     * Something that goes on a cookie.
     *
     * @param coat in which pass of the coats, from 1; 0 for what goes on before them or afterwards
     * @param stage when
     * @param gate what has to be so underneath
     */
    public record Step(int coat, Stage stage, Gate gate) {}

    /**
     * @param steps of one cookie
     * @param habits with how long the gates take
     */
    public Passes(List<Step> steps, Habits habits) {
        if (steps.stream().anyMatch(step -> step.stage() == Stage.AHEAD)) {
            list.add(new Pass(AHEAD, Stage.AHEAD, Gate.BARE_COOKIE, 0));
        }
        int coats = steps.stream().mapToInt(Step::coat).max().orElse(0);
        for (int pass = 1; pass <= coats; pass++) {
            Gate gate = pass == 1 ? Gate.BARE_COOKIE : Gate.SKINNED;
            list.add(new Pass(pass, Stage.COAT, gate, gate.minutes(habits)));
        }
        int number = coats;
        Gate come = Gate.WET;
        for (Stage stage : Stage.values()) {
            if (stage.compareTo(Stage.COAT) <= 0) {
                continue;
            }
            Map<Gate, Integer> byGate = new TreeMap<>();
            for (Step step : steps) {
                if (step.stage() == stage) {
                    byGate.put(step.gate(), 0);
                }
            }
            int own = 0;
            for (Map.Entry<Gate, Integer> gate : byGate.entrySet()) {
                boolean waits = gate.getKey().compareTo(come) > 0;
                if (own == 0 || waits) {
                    come = waits ? gate.getKey() : come;
                    own = ++number;
                    list.add(new Pass(own, stage, come, waits ? come.minutes(habits) : 0));
                }
                gate.setValue(own);
            }
            afterCoats.put(stage, byGate);
        }
    }

    /** All of them, in order. */
    public List<Pass> list() {
        return List.copyOf(list);
    }

    /** The number of the pass in which one of the steps goes on. */
    public int of(Step step) {
        if (step.stage() == Stage.AHEAD) {
            return AHEAD;
        }
        return step.coat() > 0 ? step.coat() : afterCoats.get(step.stage()).get(step.gate());
    }
}

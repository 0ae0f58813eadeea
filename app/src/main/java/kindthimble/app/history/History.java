package kindthimble.app.history;

import jakarta.annotation.Nullable;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import kindthimble.core.words.Refused;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * What was changed, step by step, for thirty days and for all devices: one history for each order, and one for what belongs to the shop.
 * A history knows places and what stood there, not what they mean.
 */
@Service
@Transactional
public class History {
    /** How long a step can be taken back, and what was removed be brought back. */
    public static final Duration KEPT = Duration.ofDays(30);

    private static final String TWICE_A_DAY = "PT12H";
    private static final TypeReference<List<Edit>> EDITS = new TypeReference<>() {};

    private final StepRepository steps;
    private final JsonMapper json;
    private final Clock clock;

    History(StepRepository steps, JsonMapper json, Clock clock) {
        this.steps = steps;
        this.json = json;
        this.clock = clock;
    }

    /**
     * Keeps a step; what had been undone can't be done again after it.
     *
     * @param order whose step it is; null for the shop's
     * @param gesture joins it to the last step if that has the same; null for a step of its own
     * @param edits what changed; nothing is kept of none
     */
    public void keep(@Nullable Long order, @Nullable String gesture, List<Edit> edits) {
        if (edits.isEmpty()) {
            return;
        }
        if (steps.firstUndone(of(order)).isPresent()) {
            steps.forgetUndone(of(order));
        }
        Optional<StepEntity> last = steps.lastDone(of(order)).filter(step -> step.isOf(gesture));
        if (last.isEmpty()) {
            steps.saveAndFlush(new StepEntity(order, clock.instant(), gesture, json.writeValueAsString(edits)));
            return;
        }
        List<Edit> joined = joined(read(last.get()), edits);
        if (joined.isEmpty()) {
            steps.delete(last.get());
        } else {
            last.get().set(clock.instant(), json.writeValueAsString(joined));
        }
        steps.flush();
    }

    /** What undo would take back: the edits that do so. */
    @Transactional(readOnly = true)
    public Optional<List<Edit>> toUndo(@Nullable Long order) {
        return steps.lastDone(of(order)).map(step -> inverse(read(step)));
    }

    /** What redo would do again. */
    @Transactional(readOnly = true)
    public Optional<List<Edit>> toRedo(@Nullable Long order) {
        return steps.firstUndone(of(order)).map(this::read);
    }

    /**
     * Counts the last step as undone.
     *
     * @return the edits that take it back
     * @throws Refused when there is none
     */
    public List<Edit> undo(@Nullable Long order) {
        StepEntity step = steps.lastDone(of(order))
                .orElseThrow(() -> new Refused("", "There is nothing to undo: nothing was changed in thirty days."));
        step.setUndone(true);
        steps.flush();
        return inverse(read(step));
    }

    /**
     * Counts the step that was undone last as done again.
     *
     * @return the edits that do it again
     * @throws Refused when there is none
     */
    public List<Edit> redo(@Nullable Long order) {
        StepEntity step =
                steps.firstUndone(of(order)).orElseThrow(() -> new Refused("", "There is nothing to do again."));
        step.setUndone(false);
        steps.flush();
        return read(step);
    }

    /** What has been done to an order so far can't be taken back any more. */
    public void forget(long order) {
        steps.deleteByOrderId(order);
    }

    /** What has been done so far can't be taken back any more. */
    public void forgetAll() {
        steps.deleteAllInBatch();
    }

    /** Steps are kept for thirty days. */
    @Scheduled(initialDelayString = "PT1M", fixedDelayString = TWICE_A_DAY)
    public void forgetWhatIsOld() {
        steps.forgetBefore(clock.instant().minus(KEPT));
    }

    /** The shop's steps are those of order 0. */
    private static long of(@Nullable Long order) {
        return order == null ? 0 : order;
    }

    private List<Edit> read(StepEntity step) {
        return json.readValue(step.edits(), EDITS).stream()
                .map(EditFormats::upgraded)
                .toList();
    }

    private static List<Edit> inverse(List<Edit> edits) {
        List<Edit> back = new ArrayList<>(edits.stream().map(Edit::inverse).toList());
        Collections.reverse(back);
        return back;
    }

    /** What was typed into one place in one go is one edit: from what stood there first to what stands there last. */
    private static List<Edit> joined(List<Edit> first, List<Edit> then) {
        List<Edit> all = new ArrayList<>(first);
        for (Edit edit : then) {
            Edit last = all.isEmpty() ? null : all.get(all.size() - 1);
            if (last != null && last.path().equals(edit.path())) {
                all.remove(all.size() - 1);
                if (!Same.is(last.was(), edit.now())) {
                    all.add(new Edit(edit.path(), last.was(), edit.now()));
                }
            } else {
                all.add(edit);
            }
        }
        return all;
    }
}

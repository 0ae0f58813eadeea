package kindthimble.app.live;

import io.swagger.v3.oas.annotations.Hidden;
import jakarta.annotation.Nullable;
import java.io.IOException;
import java.security.Principal;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every open page what has changed, as server-sent events: which order, and its revision. The page fetches what it lacks. */
@RestController
@Hidden // a stream without end is no answer that a description could show
@RequestMapping("/api/live")
class Live {
    private static final long FOR_EVER = 0;

    /** Number of no order, of which pages know that they may have missed something. */
    private static final long MISSED = -1;

    /** Longer than a page takes from its first question until its line is open. */
    private static final Duration JUST_NOW = Duration.ofMinutes(1);

    private final List<Page> pages = new CopyOnWriteArrayList<>();
    private final Map<String, Recent> recent = new ConcurrentHashMap<>();

    private record Recent(Changed changed, long nanos) {
        boolean isJustNow() {
            return System.nanoTime() - nanos < JUST_NOW.toNanos();
        }
    }

    /** @param device that listens; empty for the kitchen's own computer */
    private record Page(SseEmitter line, String device) {}

    @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen(@Nullable Principal device) {
        SseEmitter line = new SseEmitter(FOR_EVER);
        Page page = new Page(line, device == null ? "" : device.getName());
        line.onCompletion(() -> pages.remove(page));
        line.onTimeout(line::complete);
        line.onError(e -> pages.remove(page));
        pages.add(page);
        // What changed after the page has asked and before its line was open.
        recent.values().stream()
                .filter(Recent::isJustNow)
                .forEach(one -> send(page, SseEmitter.event().name("changed").data(one.changed())));
        send(page, SseEmitter.event().comment("here"));
        return line;
    }

    /** Who is turned out hears nothing more, on lines that are open too. */
    @TransactionalEventListener(fallbackExecution = true)
    void turnedOut(DeviceOut out) {
        pages.stream()
                .filter(page -> page.device().equals(out.id()))
                .forEach(page -> page.line().complete());
    }

    /** Whatever is shown may be behind. */
    @EventListener(DatabaseReturned.class)
    void missed() {
        tell(new Changed(MISSED, MISSED));
    }

    void tell(Changed changed) {
        recent.values().removeIf(one -> !one.isJustNow());
        recent.put(
                changed.order() + (changed.bench() == null ? "" : " at the bench"),
                new Recent(changed, System.nanoTime()));
        pages.forEach(page -> send(page, SseEmitter.event().name("changed").data(changed)));
    }

    /** A line that has gone shows only when something is sent; and what stands between keeps the line open. */
    @Scheduled(fixedDelayString = "PT15S")
    void stillHere() {
        pages.forEach(page -> send(page, SseEmitter.event().comment("still here")));
    }

    @EventListener
    void closing(ContextClosedEvent closed) {
        pages.forEach(page -> page.line().complete());
    }

    private void send(Page page, SseEmitter.SseEventBuilder event) {
        try {
            page.line().send(event);
        } catch (IOException | IllegalStateException e) {
            pages.remove(page);
        }
    }
}

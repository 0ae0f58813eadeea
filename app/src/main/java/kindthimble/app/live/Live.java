package kindthimble.app.live;

import io.swagger.v3.oas.annotations.Hidden;
import java.io.IOException;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.scheduling.annotation.Scheduled;
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

    private final List<SseEmitter> pages = new CopyOnWriteArrayList<>();

    @GetMapping(produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter listen() {
        SseEmitter page = new SseEmitter(FOR_EVER);
        page.onCompletion(() -> pages.remove(page));
        page.onTimeout(page::complete);
        page.onError(e -> pages.remove(page));
        pages.add(page);
        send(page, SseEmitter.event().comment("here"));
        return page;
    }

    /** Whatever is shown may be behind. */
    @EventListener(DatabaseReturned.class)
    void missed() {
        tell(new Changed(MISSED, MISSED));
    }

    void tell(Changed changed) {
        pages.forEach(page -> send(page, SseEmitter.event().name("changed").data(changed)));
    }

    /** A line that has gone shows only when something is sent; and what stands between keeps the line open. */
    @Scheduled(fixedDelayString = "PT15S")
    void stillHere() {
        pages.forEach(page -> send(page, SseEmitter.event().comment("still here")));
    }

    @EventListener
    void closing(ContextClosedEvent closed) {
        pages.forEach(SseEmitter::complete);
    }

    private void send(SseEmitter page, SseEmitter.SseEventBuilder event) {
        try {
            page.send(event);
        } catch (IOException | IllegalStateException e) {
            pages.remove(page);
        }
    }
}

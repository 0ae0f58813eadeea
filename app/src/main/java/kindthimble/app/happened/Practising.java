package kindthimble.app.happened;

import java.util.Optional;
import kindthimble.app.live.Changed;
import kindthimble.core.words.Refused;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which orders are played in the practice kitchen. */
@Service
@Transactional
public class Practising {
    private static final long MOST_AHEAD_SECONDS = 60L * 86_400;

    private final PractisedRepository practised;
    private final BenchEventRepository events;
    private final ApplicationEventPublisher published;

    Practising(PractisedRepository practised, BenchEventRepository events, ApplicationEventPublisher published) {
        this.practised = practised;
        this.events = events;
        this.published = published;
    }

    /**
     * @param seed of the day that is played
     * @param aheadSeconds how far its clock was put forward
     * @param beganMixing whether its mixing was begun in play
     */
    public record Play(long seed, long aheadSeconds, boolean beganMixing) {}

    @Transactional(readOnly = true)
    public Optional<Play> of(long order) {
        return practised.findById(order).map(PractisedEntity::play);
    }

    /** Begins to play an order; one that is played already goes on as it is. */
    public void begin(long order, long seed) {
        if (!practised.existsById(order)) {
            practised.save(new PractisedEntity(order, seed));
            changed(order);
        }
    }

    /** Leaves the practice kitchen. */
    public void end(long order) {
        practised.deleteById(order);
        changed(order);
    }

    /**
     * Puts the clock of what is played forward.
     *
     * @throws Refused when it would be put forward by more than two months
     */
    public void later(long order, long seconds) {
        PractisedEntity play = played(order);
        long ahead = play.play().aheadSeconds() + seconds;
        if (seconds < 0 || ahead > MOST_AHEAD_SECONDS) {
            throw new Refused("seconds", "The practice clock goes forward, by two months at most.");
        }
        play.setAheadSeconds(ahead);
        changed(order);
    }

    /** Notes that mixing was begun in play. */
    public void beganMixing(long order) {
        played(order).setBeganMixing();
    }

    private PractisedEntity played(long order) {
        return practised
                .findById(order)
                .orElseThrow(() ->
                        new Refused("", "This order is not played now. Begin to practise first, then press again."));
    }

    private void changed(long order) {
        published.publishEvent(new Changed(order, Changed.NOT_THE_ORDER, events.countByOrderId(order)));
    }
}

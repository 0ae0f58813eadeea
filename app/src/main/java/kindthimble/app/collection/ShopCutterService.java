package kindthimble.app.collection;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.ShopRevision;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The shop's own cutters. A design holds a copy of its cutter's outline: what happens to the cutter here changes no design. */
@Service
@Transactional
public class ShopCutterService {
    private static final int MOST = 500;

    private final ShopCutterRepository cutters;
    private final ShopRevision revision;
    private final Clock clock;

    ShopCutterService(ShopCutterRepository cutters, ShopRevision revision, Clock clock) {
        this.cutters = cutters;
        this.revision = revision;
        this.clock = clock;
    }

    /** All that are not removed, by name. */
    @Transactional(readOnly = true)
    public List<ShopCutter> all() {
        Map<String, List<UsedIn>> uses = cutters.cuts().stream()
                .collect(Collectors.groupingBy(
                        ShopCutterRepository.Cut::getPath,
                        Collectors.mapping(
                                cut -> new UsedIn(
                                        cut.getOrderId(), cut.getOrderName(), cut.getDesignId(), cut.getName()),
                                Collectors.toList())));
        return cutters.findByRemovedAtIsNullOrderByNameAscIdAsc().stream()
                .map(cutter -> cutter.cutter().shown(uses.getOrDefault(cutter.path(), List.of())))
                .toList();
    }

    ShopCutter add(ShopCutter wanted) {
        return put(new ShopCutter(
                0, UUID.randomUUID(), wanted.name(), wanted.path(), wanted.across(), wanted.sizeMm(), wanted.tags()));
    }

    /**
     * Puts a cutter in: in the place of the one of the same identity, where there is one.
     *
     * @throws Refused when it is none
     */
    public ShopCutter put(ShopCutter wanted) {
        if (wanted.uid() == null) {
            throw new Refused("uid", "A cutter has a uid.");
        }
        ShopCutter cutter = wanted.checked();
        ShopCutterEntity stored = cutters.findByUid(cutter.uid()).orElseGet(() -> {
            if (cutters.countByRemovedAtIsNull() >= MOST) {
                throw new Refused("", "A shop has at most " + MOST + " cutters. Take one away first.");
            }
            return new ShopCutterEntity(cutter.uid());
        });
        stored.set(cutter);
        stored.restore();
        revision.touch();
        return cutters.saveAndFlush(stored).cutter().shown(List.of());
    }

    ShopCutter set(long id, ShopCutter wanted) {
        ShopCutterEntity stored = stored(id);
        stored.set(wanted.checked());
        revision.touch();
        return stored.cutter().shown(List.of());
    }

    void remove(long id) {
        stored(id).remove(clock.instant());
        revision.touch();
    }

    void restore(long id) {
        cutters.findById(id).orElseThrow(() -> new NotThere("cutter")).restore();
        revision.touch();
    }

    private ShopCutterEntity stored(long id) {
        return cutters.findById(id).filter(cutter -> !cutter.isRemoved()).orElseThrow(() -> new NotThere("cutter"));
    }
}

package kindthimble.app.tint;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
import kindthimble.app.history.Edit;
import kindthimble.app.history.History;
import kindthimble.app.http.NotThere;
import kindthimble.app.live.ShopRevision;
import kindthimble.core.colour.Lab;
import kindthimble.core.tint.Calibration;
import kindthimble.core.tint.Gel;
import kindthimble.core.tint.Mixture;
import kindthimble.core.tint.ReferenceGels;
import kindthimble.core.tint.WhiteIcing;
import kindthimble.core.words.Keys;
import kindthimble.core.words.Refused;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The gels on the shelf, and what swatches have said of them. */
@Service
@Transactional
public class GelService {
    private static final int MOST_GELS = 60;
    private static final int MOST_SWATCHES = 40;
    private static final double MOST_DROPS = 100_000;
    static final double SHOWN_DROPS = 8;
    private static final double[] RAMP = {0.5, 1, 2, 4, 8, 16, 32};

    /** Swatches are made in plain white icing. */
    private static final WhiteIcing WHITE = WhiteIcing.PLAIN;

    private final GelRepository bottles;
    private final SwatchRepository swatches;
    private final History history;
    private final ShopRevision revision;
    private final Clock clock;
    private final EntityManager entities;

    private final Cache<Asked, Calibration> fits =
            Caffeine.newBuilder().maximumSize(MOST_GELS * 4L).build();

    private record Asked(Gel gel, List<Calibration.Swatch> swatches) {}

    GelService(
            GelRepository bottles,
            SwatchRepository swatches,
            History history,
            ShopRevision revision,
            Clock clock,
            EntityManager entities) {
        this.bottles = bottles;
        this.swatches = swatches;
        this.history = history;
        this.revision = revision;
        this.clock = clock;
        this.entities = entities;
    }

    /**
     * What is known of a bottle.
     *
     * @param name as on its label
     * @param dropsLeft in it
     * @param bottleDrops in a full one
     * @param price of a full one, in the shop's money; null when not known
     */
    public record Bottle(
            String name,
            double dropsLeft,
            double bottleDrops,
            @Nullable Double price) {
        Bottle checked() {
            if (name == null || name.isBlank() || name.strip().length() > 40) {
                throw new Refused("name", "Give the gel a name of up to 40 letters.");
            }
            if (!(dropsLeft >= 0 && dropsLeft <= MOST_DROPS)) {
                throw new Refused("dropsLeft", "Write how many drops are left, from 0 to 100,000.");
            }
            if (!(bottleDrops >= 1 && bottleDrops <= MOST_DROPS)) {
                throw new Refused("bottleDrops", "Write how many drops a full bottle holds, from 1 to 100,000.");
            }
            if (price != null && !(price >= 0 && price <= 10_000)) {
                throw new Refused("price", "A bottle costs from 0 to 10,000.");
            }
            return this;
        }
    }

    /**
     * What was seen of a gel.
     *
     * @param drops that went in
     * @param grams of base
     * @param hex the colour seen when dry, {@code #RRGGBB}
     */
    public record SwatchNote(double drops, double grams, String hex) {
        SwatchNote checked() {
            if (!(drops > 0 && drops <= 1_000)) {
                throw new Refused(
                        "drops", "Write how many drops went in: more than 0, and 0.25 for a toothpick's dab.");
            }
            if (!(grams >= 1 && grams <= 10_000)) {
                throw new Refused("grams", "Write the grams of base, from 1 to 10,000.");
            }
            Lab.ofHex(hex);
            return this;
        }

        Calibration.Swatch swatch() {
            return new Calibration.Swatch(drops / grams * 100, Lab.ofHex(hex));
        }
    }

    /**
     * A gel that is new on the shelf: like a reference, or like the one that explains its first swatch best.
     *
     * @param bottle what is known of it
     * @param reference key of a reference gel; null to go by the swatch
     * @param swatch its first one; null for none yet
     */
    public record NewGel(
            Bottle bottle,
            @Nullable String reference,
            @Nullable SwatchNote swatch) {}

    /** The whole shelf of gels. */
    @Transactional(readOnly = true)
    public List<GelView> shelf() {
        Map<String, List<SwatchEntity>> seen = seen();
        return bottles.findByRemovedAtIsNullOrderByPositionAscGelKeyAsc().stream()
                .map(gel -> view(gel, seen.getOrDefault(gel.key(), List.of())))
                .toList();
    }

    /** The gels of the shelf, fitted to their swatches. */
    @Transactional(readOnly = true)
    public List<Gel> gels() {
        Map<String, List<SwatchEntity>> seen = seen();
        return bottles.findByRemovedAtIsNullOrderByPositionAscGelKeyAsc().stream()
                .map(gel -> gel(gel).fitted(fit(gel, seen.getOrDefault(gel.key(), List.of()))
                        .fit()))
                .toList();
    }

    /** The bottles of the shelf by key. */
    @Transactional(readOnly = true)
    public Map<String, Bottle> bottles() {
        return bottles.findByRemovedAtIsNullOrderByPositionAscGelKeyAsc().stream()
                .collect(Collectors.toMap(GelEntity::key, GelEntity::bottle));
    }

    /**
     * @throws Refused naming the field that is wrong
     */
    public GelView add(NewGel wanted) {
        if (wanted.bottle() == null) {
            throw new Refused("bottle", "Say what is known of the bottle.");
        }
        Bottle bottle = wanted.bottle().checked();
        SwatchNote swatch = wanted.swatch() == null ? null : wanted.swatch().checked();
        List<GelEntity> all = bottles.findAll();
        if (all.size() >= MOST_GELS) {
            throw new Refused("", "A shelf has at most " + MOST_GELS + " gels.");
        }
        if (bottles().values().stream()
                .anyMatch(b -> b.name().equalsIgnoreCase(bottle.name().strip()))) {
            throw new Refused("name", "There is a gel called " + bottle.name().strip() + " already.");
        }
        Set<String> taken = new HashSet<>(all.stream().map(GelEntity::key).toList());
        GelEntity gel =
                new GelEntity(Keys.of(bottle.name(), "gel", taken), reference(wanted.reference(), swatch), all.size());
        gel.set(bottle);
        bottles.saveAndFlush(gel);
        if (swatch != null) {
            swatches.saveAndFlush(new SwatchEntity(gel.key(), swatch, clock.instant()));
        }
        revision.touch();
        history.keep(null, null, List.of(Edit.flag("/gels/" + gel.key() + "/removed", false)));
        return view(gel.key());
    }

    /**
     * Writes down something else about a bottle.
     *
     * @throws Refused naming the field that is wrong
     */
    public void change(String key, Bottle bottle) {
        GelEntity gel = stored(key);
        gel.set(bottle.checked());
        bottles.saveAndFlush(gel);
        revision.touch();
    }

    /**
     * Takes drops out of a bottle or puts them back, whatever others do at the same moment.
     *
     * @param by how many more; less than 0 for what is taken
     * @return how many it was: of what runs out the rest; 0 where there is no such bottle
     */
    public double move(String key, double by) {
        revision.hold();
        GelEntity gel = bottles.findById(key).orElse(null);
        if (gel == null || !bottles().containsKey(key)) {
            return 0;
        }
        // It may have been read before somebody else took of it.
        entities.refresh(gel);
        Bottle is = gel.bottle();
        double moved = Math.max(-is.dropsLeft(), Math.min(by, MOST_DROPS - is.dropsLeft()));
        change(key, new Bottle(is.name(), is.dropsLeft() + moved, is.bottleDrops(), is.price()));
        return moved;
    }

    /** Takes a bottle off the shelf, or puts it back, as a step of the shop's history. */
    void remove(String key, boolean removed) {
        setRemoved(key, removed);
        history.keep(null, null, List.of(Edit.flag("/gels/" + key + "/removed", removed)));
    }

    /** Takes a bottle off the shelf, or puts it back. */
    public void setRemoved(String key, boolean removed) {
        if (removed) {
            stored(key).remove(clock.instant());
        } else {
            stored(key).restore();
        }
        revision.touch();
    }

    /**
     * A bottle as it goes from one shop to another.
     *
     * @param key by which recipes name it
     * @param reference the gel of the reference list that it is like
     * @param bottle what is known of it
     * @param swatches what was seen of it
     */
    public record Boxed(String key, String reference, Bottle bottle, List<SwatchNote> swatches) {}

    /** The bottles of the shelf, in order. */
    @Transactional(readOnly = true)
    public List<Boxed> boxed() {
        Map<String, List<SwatchEntity>> seen = seen();
        return bottles.findByRemovedAtIsNullOrderByPositionAscGelKeyAsc().stream()
                .map(gel -> new Boxed(
                        gel.key(),
                        gel.reference(),
                        gel.bottle(),
                        seen.getOrDefault(gel.key(), List.of()).stream()
                                .map(SwatchEntity::note)
                                .toList()))
                .toList();
    }

    /**
     * Puts a bottle on the shelf: in the place of the one of the same key, where there is one.
     *
     * @throws Refused naming the field that is wrong
     */
    public void put(Boxed boxed) {
        if (boxed.key() == null || !boxed.key().matches("[a-z0-9-]{1,60}") || boxed.bottle() == null) {
            throw new Refused("key", "A gel has a key of letters and digits, and a bottle.");
        }
        GelEntity gel = bottles.findById(boxed.key())
                .orElseGet(() -> new GelEntity(boxed.key(), reference(boxed.reference(), null), (int) bottles.count()));
        gel.set(boxed.bottle().checked());
        gel.restore();
        bottles.saveAndFlush(gel);
        Instant now = clock.instant();
        seen().getOrDefault(boxed.key(), List.of()).forEach(swatch -> swatch.remove(now));
        for (SwatchNote note : boxed.swatches() == null ? List.<SwatchNote>of() : boxed.swatches()) {
            swatches.save(new SwatchEntity(boxed.key(), note.checked(), now));
        }
        swatches.flush();
        revision.touch();
    }

    /** What a bottle is called, on the shelf or off it. */
    @Transactional(readOnly = true)
    public String name(String key) {
        return stored(key).bottle().name();
    }

    public GelView note(String key, SwatchNote note) {
        stored(key);
        SwatchNote checked = note.checked();
        if (seen().getOrDefault(key, List.of()).size() >= MOST_SWATCHES) {
            throw new Refused("", "That are many swatches: take an old one out first.");
        }
        SwatchEntity swatch = swatches.saveAndFlush(new SwatchEntity(key, checked, clock.instant()));
        revision.touch();
        history.keep(null, null, List.of(Edit.flag(place(key, swatch.id()), false)));
        return view(key);
    }

    /** Has a swatch count no longer, or again, as a step of the shop's history. */
    GelView takeOut(String key, long swatch, boolean out) {
        setOut(key, swatch, out);
        history.keep(null, null, List.of(Edit.flag(place(key, swatch), out)));
        return view(key);
    }

    private static String place(String key, long swatch) {
        return "/swatches/" + key + "/" + swatch + "/removed";
    }

    /** Has a swatch count no longer, or again. */
    public void setOut(String key, long swatch, boolean out) {
        SwatchEntity entity = swatches.findById(swatch)
                .filter(found -> found.gelKey().equals(key))
                .orElseThrow(() -> new NotThere("swatch"));
        if (out) {
            entity.remove(clock.instant());
        } else {
            entity.restore();
        }
        swatches.flush();
        revision.touch();
    }

    private static String reference(String wanted, SwatchNote swatch) {
        if (wanted != null && !wanted.isBlank()) {
            return ReferenceGels.find(wanted)
                    .orElseThrow(() -> new Refused("reference", "There is no reference gel called " + wanted + "."))
                    .key();
        }
        if (swatch == null) {
            throw new Refused("reference", "Say which gel it is like, or give a swatch of it.");
        }
        return Calibration.likest(WHITE, swatch.swatch()).gel().key();
    }

    private Map<String, List<SwatchEntity>> seen() {
        return swatches.findByRemovedAtIsNullOrderByIdAsc().stream()
                .collect(Collectors.groupingBy(SwatchEntity::gelKey));
    }

    private GelEntity stored(String key) {
        return bottles.findById(key).orElseThrow(() -> new NotThere("gel"));
    }

    private GelView view(String key) {
        return view(stored(key), seen().getOrDefault(key, List.of()));
    }

    private static Gel gel(GelEntity entity) {
        Gel like = ReferenceGels.find(entity.reference()).orElseThrow();
        return new Gel(entity.key(), like.dyes(), like.deepening(), like.whitening(), Gel.Fit.NONE);
    }

    private Calibration fit(GelEntity entity, List<SwatchEntity> seen) {
        return fits.get(
                new Asked(gel(entity), seen.stream().map(s -> s.note().swatch()).toList()),
                asked -> Calibration.of(asked.gel(), WHITE, asked.swatches()));
    }

    private GelView view(GelEntity entity, List<SwatchEntity> seen) {
        Calibration calibration = fit(entity, seen);
        Gel gel = gel(entity).fitted(calibration.fit());
        List<GelView.SwatchView> notes = new ArrayList<>();
        for (int i = 0; i < seen.size(); i++) {
            SwatchNote note = seen.get(i).note();
            notes.add(new GelView.SwatchView(
                    seen.get(i).id(),
                    note,
                    look(gel, note.swatch().dropsPer100()),
                    calibration.misses().get(i)));
        }
        return new GelView(
                entity.key(),
                entity.bottle(),
                entity.reference(),
                calibration.fit().strength(),
                calibration.fit().shiftNm(),
                100 * gel.deepening(),
                look(gel, SHOWN_DROPS),
                DoubleStream.of(RAMP)
                        .mapToObj(drops -> new GelView.RampStep(drops, look(gel, drops)))
                        .toList(),
                seen.isEmpty() ? null : calibration.before(),
                seen.isEmpty() ? null : calibration.after(),
                notes);
    }

    static String look(Gel gel, double dropsPer100) {
        return Mixture.lab(WHITE, Map.of(gel, dropsPer100), Gel.RESTED_HOURS).hex();
    }
}

package kindthimble.app.notebook;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import kindthimble.app.exchange.StoredJson;
import kindthimble.app.happened.BenchLog;
import kindthimble.app.live.DatabaseReturned;
import kindthimble.core.notebook.FromBench;
import kindthimble.core.notebook.Note;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** All notes there are: those that were written by hand, and those that the bench has written. */
@Component
class Notes {
    private static final int REMEMBERED = 2_000;

    private final NoteRepository byHand;
    private final KeptNoteRepository kept;
    private final BenchLog bench;
    private final JsonMapper json;
    private final Clock clock;

    private final Cache<Key, List<Note>> read =
            Caffeine.newBuilder().maximumSize(REMEMBERED).build();

    private record Key(long order, long events, Set<String> kept) {}

    Notes(NoteRepository byHand, KeptNoteRepository kept, BenchLog bench, StoredJson stored, Clock clock) {
        this.byHand = byHand;
        this.kept = kept;
        this.bench = bench;
        this.json = stored.mapper();
        this.clock = clock;
    }

    @EventListener(DatabaseReturned.class)
    void forget() {
        read.invalidateAll();
    }

    /** Those by hand as they were written, then those of each bench. */
    List<Written> all() {
        Set<String> keep = kept.findAll().stream().map(KeptNoteEntity::noteId).collect(Collectors.toSet());
        List<Written> all = new ArrayList<>();
        List<NoteEntity> own = byHand.findAllByOrderBySeqAsc();
        Set<String> replaced = own.stream()
                .filter(one -> !one.isRemoved() && one.insteadOf() != null)
                .map(NoteEntity::insteadOf)
                .collect(Collectors.toCollection(HashSet::new));
        for (NoteEntity one : own) {
            JsonNode document = json.readTree(one.document());
            all.add(new Written(
                    NoteJson.note(document, keep.contains(one.id())),
                    null,
                    document.path("words").asString(""),
                    one.insteadOf(),
                    !one.isRemoved() && !replaced.contains(one.id())));
        }
        // What came back in an archive is here already.
        Set<String> here = own.stream().map(NoteEntity::id).collect(Collectors.toSet());
        bench.telling()
                .forEach((order, events) -> read
                        .get(
                                new Key(order, events, keep),
                                key -> FromBench.notes(
                                        Long.toString(order), bench.inEarnest(order), clock.getZone(), keep))
                        .stream()
                        .filter(note -> !here.contains(note.id()))
                        .forEach(note -> all.add(new Written(note, order, "", null, !replaced.contains(note.id())))));
        return all;
    }
}

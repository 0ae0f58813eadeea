package kindthimble.app.shop;

import kindthimble.app.live.ShopMemory;
import kindthimble.app.live.ShopRevision;
import kindthimble.core.notebook.Learnt;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What plans take from the notebook, as it was worked out last. */
@Service
@Transactional
public class LearntFigures {
    private final LearntRepository learnt;
    private final ShopRevision revision;
    private final ShopMemory memory;

    LearntFigures(LearntRepository learnt, ShopRevision revision, ShopMemory memory) {
        this.learnt = learnt;
        this.revision = revision;
        this.memory = memory;
    }

    @Transactional(readOnly = true)
    public Learnt now() {
        return memory.of(Learnt.class, this::stored);
    }

    private Learnt stored() {
        return learnt.findById(LearntEntity.ONLY).map(LearntEntity::learnt).orElse(Learnt.NOTHING);
    }

    /** Has all plans take something else; what is the same changes nothing. */
    public void set(Learnt wanted) {
        revision.hold();
        if (stored().equals(wanted)) {
            return;
        }
        LearntEntity row = learnt.findById(LearntEntity.ONLY).orElseGet(LearntEntity::new);
        row.set(wanted);
        learnt.saveAndFlush(row);
        revision.touch();
    }
}

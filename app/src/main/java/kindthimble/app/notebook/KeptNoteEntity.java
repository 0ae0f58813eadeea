package kindthimble.app.notebook;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A note that counts however improbable it is. */
@Entity
@Table(name = "note_kept")
class KeptNoteEntity {
    @Id
    private String noteId;

    protected KeptNoteEntity() {}

    KeptNoteEntity(String noteId) {
        this.noteId = noteId;
    }

    String noteId() {
        return noteId;
    }
}

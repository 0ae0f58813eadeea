package kindthimble.app.notebook;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface NoteRepository extends JpaRepository<NoteEntity, String> {
    List<NoteEntity> findAllByOrderBySeqAsc();
}

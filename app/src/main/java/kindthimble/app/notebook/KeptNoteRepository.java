package kindthimble.app.notebook;

import org.springframework.data.jpa.repository.JpaRepository;

interface KeptNoteRepository extends JpaRepository<KeptNoteEntity, String> {}

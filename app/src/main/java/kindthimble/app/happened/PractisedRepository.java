package kindthimble.app.happened;

import org.springframework.data.jpa.repository.JpaRepository;

interface PractisedRepository extends JpaRepository<PractisedEntity, Long> {}

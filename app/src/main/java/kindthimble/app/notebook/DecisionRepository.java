package kindthimble.app.notebook;

import org.springframework.data.jpa.repository.JpaRepository;

interface DecisionRepository extends JpaRepository<DecisionEntity, String> {}

package kindthimble.app.shop;

import org.springframework.data.jpa.repository.JpaRepository;

interface LearntRepository extends JpaRepository<LearntEntity, Long> {}

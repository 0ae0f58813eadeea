package kindthimble.app.shelf;

import org.springframework.data.jpa.repository.JpaRepository;

interface StockRepository extends JpaRepository<StockEntity, String> {}

package kindthimble.app.live;

import jakarta.persistence.EntityManagerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.orm.jpa.JpaTransactionManager;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.transaction.support.DefaultTransactionStatus;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What only reads sees the data as they are at one moment: an answer that is kept under a revision never holds figures of an earlier one, whatever
 * is stored while it is made.
 */
@Configuration(proxyBeanMethods = false)
class ReadsOfOneMoment {
    @Bean
    PlatformTransactionManager transactionManager(EntityManagerFactory entities) {
        return new JpaTransactionManager(entities) {
            @Override
            protected void doBegin(Object transaction, TransactionDefinition definition) {
                super.doBegin(transaction, definition.isReadOnly() ? ofOneMoment(definition) : definition);
            }

            /** What only reads has nothing to take back: who hears a refusal in the middle of it may say so, and goes on. */
            @Override
            protected void doSetRollbackOnly(DefaultTransactionStatus status) {
                if (!TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
                    super.doSetRollbackOnly(status);
                }
            }
        };
    }

    private static TransactionDefinition ofOneMoment(TransactionDefinition definition) {
        DefaultTransactionDefinition snapshot = new DefaultTransactionDefinition(definition);
        snapshot.setIsolationLevel(TransactionDefinition.ISOLATION_REPEATABLE_READ);
        return snapshot;
    }
}

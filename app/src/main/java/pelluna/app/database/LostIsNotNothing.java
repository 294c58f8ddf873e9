package pelluna.app.database;

import jakarta.persistence.EntityManagerFactory;
import java.sql.SQLTransientConnectionException;
import java.util.Optional;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.data.repository.core.support.RepositoryFactoryBeanSupport;
import org.springframework.orm.jpa.EntityManagerHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * A row that could not be asked for is not a row that is not there: where the database goes away within a transaction,
 * Hibernate writes down the failure and finds nothing (its HHH-12472), and a tank would be said to be gone.
 */
@Component
class LostIsNotNothing implements BeanPostProcessor {
    private final ObjectProvider<EntityManagerFactory> entities;

    LostIsNotNothing(ObjectProvider<EntityManagerFactory> entities) {
        this.entities = entities;
    }

    @Override
    public Object postProcessBeforeInitialization(Object bean, String name) {
        if (bean instanceof RepositoryFactoryBeanSupport<?, ?, ?> rows) {
            rows.addRepositoryFactoryCustomizer(
                    f -> f.addRepositoryProxyPostProcessor((proxy, repository) -> proxy.addAdvice(0, new Told())));
        }
        return bean;
    }

    private final class Told implements MethodInterceptor {
        @Override
        public Object invoke(MethodInvocation question) throws Throwable {
            boolean before = lost();
            Object answer = question.proceed();
            if (answer instanceof Optional<?> row && row.isEmpty() && !before && lost()) {
                throw new DataAccessResourceFailureException(
                        question.getMethod().getName(),
                        new SQLTransientConnectionException("the database went away while it was asked"));
            }
            return answer;
        }
    }

    /** Whether the transaction of this thread can only be rolled back. */
    private boolean lost() {
        return TransactionSynchronizationManager.isActualTransactionActive()
                && TransactionSynchronizationManager.getResource(entities.getObject())
                        instanceof EntityManagerHolder holder
                && holder.getEntityManager().getTransaction().isActive()
                && holder.getEntityManager().getTransaction().getRollbackOnly();
    }
}

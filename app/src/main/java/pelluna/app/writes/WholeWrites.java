package pelluna.app.writes;

import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** A write by other ways than a page: whole or not at all, and what takes long is found outside of it. */
@Component
public class WholeWrites {
    private final TransactionTemplate transaction;

    WholeWrites(PlatformTransactionManager transactions) {
        transaction = new TransactionTemplate(transactions);
    }

    public <T> T write(Supplier<T> task) {
        return Turns.of(() -> transaction.execute(status -> task.get()));
    }

    public void write(Runnable task) {
        write(() -> {
            task.run();
            return true;
        });
    }
}

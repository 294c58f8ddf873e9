package pelluna.app.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.tank.Tanks;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

class LostIsNotNothingTest {
    @Test
    void aTankIsNotGoneBecauseTheDatabaseIs() {
        OwnedTank tank = Pelluna.owned(new LogTank("Here all along").id);
        Tanks tanks = Pelluna.bean(Tanks.class);
        JdbcClient jdbc = Pelluna.bean(JdbcClient.class);
        TransactionTemplate write = new TransactionTemplate(Pelluna.bean(PlatformTransactionManager.class));
        AtomicReference<Throwable> told = new AtomicReference<>();
        // what has lost its connection can't be rolled back either, which says so in turn
        assertThatThrownBy(() -> write.executeWithoutResult(status -> {
            int connection =
                    jdbc.sql("select pg_backend_pid()").query(Integer.class).single();
            ProcessHandle ends = ProcessHandle.of(connection).orElseThrow();
            ends.destroy();
            ends.onExit().join();
            told.set(catchThrowable(() -> tanks.of(tank)));
            status.setRollbackOnly();
        }));
        Throwable said = told.get();
        assertThat(said).isNotNull().isNotInstanceOf(NoSuchTankException.class);
        assertThat(DatabaseTrouble.of(said)).as("%s", said).contains(DatabaseTrouble.GONE);
    }
}

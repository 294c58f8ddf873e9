package pelluna.app.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.OwnedTank;
import pelluna.app.tank.Tanks;
import pelluna.app.testing.Pelluna;
import pelluna.app.testing.TestCluster;

class LostIsNotNothingTest {
    @Test
    void aTankIsNotGoneBecauseTheDatabaseIs() {
        OwnedTank tank = Pelluna.owned(1);
        Tanks tanks = Pelluna.bean(Tanks.class);
        JdbcClient jdbc = Pelluna.bean(JdbcClient.class);
        TransactionTemplate write = new TransactionTemplate(Pelluna.bean(PlatformTransactionManager.class));
        Throwable said = catchThrowable(() -> write.executeWithoutResult(status -> {
            long connection =
                    jdbc.sql("select pg_backend_pid()").query(Long.class).single();
            TestCluster.jdbc()
                    .sql("select pg_terminate_backend(?, 5000)")
                    .param(connection)
                    .query(Boolean.class)
                    .single();
            tanks.of(tank);
        }));
        assertThat(said).isNotNull().isNotInstanceOf(NoSuchTankException.class);
        assertThat(DatabaseTrouble.of(said)).contains(DatabaseTrouble.GONE);
    }
}

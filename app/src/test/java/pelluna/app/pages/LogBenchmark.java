package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Arrays;
import java.util.Locale;
import javax.sql.DataSource;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.jdbc.core.JdbcTemplate;
import pelluna.app.testing.LogTank;
import pelluna.app.testing.Pelluna;

/**
 * How long the server takes for Log, Today and the rest with 100,000 lines in one tank over two years. Prints; the
 * goal is 150 ms. './pelluna bench log'.
 */
class LogBenchmark {
    private static final int LINES = 100_000;
    private static final int DAYS = 730;
    private static final int WARM = 30;
    private static final int ROUNDS = 100;

    @Test
    @Timeout(600)
    void pagesOfAFullLog() {
        LogTank tank = new LogTank("Two years");
        fill(tank);
        System.out.printf(
                Locale.ROOT,
                "%n%,d lines, %d watches%n%-16s %10s %10s %10s%n",
                LINES,
                DAYS,
                "page",
                "median ms",
                "95 % ms",
                "first ms");
        for (String page : new String[] {
            "/log",
            "/today",
            "/log/pecking-order",
            "/log/introducing",
            "/log/head-count",
            "/log/health",
            "/losses",
            "/losses/new",
            "/losses/predicted?scope=tank"
        }) {
            double first = time(tank, page);
            for (int i = 0; i < WARM; i++) {
                time(tank, page);
            }
            double[] ms = new double[ROUNDS];
            for (int i = 0; i < ROUNDS; i++) {
                ms[i] = time(tank, page);
            }
            Arrays.sort(ms);
            System.out.printf(
                    Locale.ROOT, "%-16s %10.1f %10.1f %10.1f%n", page, ms[ROUNDS / 2], ms[ROUNDS * 95 / 100], first);
        }
        double[] ms = new double[ROUNDS];
        for (int i = 0; i < ROUNDS; i++) {
            long began = System.nanoTime();
            tank.act("chased", tank.boss(), tank.wrasse(), Instant.now(), "b" + i);
            ms[i] = (System.nanoTime() - began) / 1e6;
        }
        Arrays.sort(ms);
        System.out.printf(Locale.ROOT, "%-16s %10.1f %10.1f%n", "one sighting", ms[ROUNDS / 2], ms[ROUNDS * 95 / 100]);
        assertThat(tank.page("/log")).contains("What was seen");
    }

    private static double time(LogTank tank, String page) {
        long began = System.nanoTime();
        tank.page(page);
        return (System.nanoTime() - began) / 1e6;
    }

    /** A watch a day; lines spread evenly, two of three of them acts in watches, the rest meals and signs. */
    private static void fill(LogTank tank) {
        JdbcTemplate sql = new JdbcTemplate(Pelluna.bean(DataSource.class));
        long a = tank.boss();
        long b = tank.wrasse();
        long c = tank.fish("Amphiprion ocellaris");
        sql.update(
                "insert into watch (tank_id, began_at, ended_at) select ?, now() - make_interval(days => d) - "
                        + "interval '6 hours', now() - make_interval(days => d) - interval '5 hours' from "
                        + "generate_series(1, ?) d",
                tank.id,
                DAYS);
        sql.update("""
            insert into log_entry (tank_id, at, doing, fish_id, other_id, watch_id, x, y, gravity, times)
            select ?, w.began_at + make_interval(secs => (n / ?) * 20), case n % 3 when 0 then 'chased' when 1
              then 'nipped' else 'eats' end,
              case n % 4 when 0 then ? when 1 then ? else ? end, case when n % 3 = 2
                then null else case n % 4 when 0 then ? when 1 then ? else ? end end, w.id, random(), random(),
                1 + n % 3, 1
            from generate_series(0, ? - 1) n join (select id, began_at, row_number() over (order by began_at) - 1 as k
              from watch where tank_id = ?) w on w.k = n % ?""", tank.id, DAYS, a, b, c, b, c, a, LINES, tank.id, DAYS);
        sql.execute("vacuum analyze log_entry");
    }
}

package pelluna.app.testing;

import java.util.List;
import java.util.Map;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import pelluna.app.fish.Fish;

/** A tank of years: sixty fish in it, a hundred that came, and a log of 100,000 lines with a watch a day. */
public final class FullTank {
    public static final int LINES = 100_000;
    public static final int WATCHES = 730;
    private static final int LOST = 40;
    /** Which live in numbers, each so many. */
    private static final List<String> SHOALS = List.of(
            "Chromis viridis",
            "Pseudanthias squamipinnis",
            "Pterapogon kauderni",
            "Nemateleotris magnifica",
            "Cirrhilabrus solorensis",
            "Zebrasoma flavescens",
            "Gramma loreto",
            "Salarias fasciatus",
            "Centropyge bispinosa",
            "Halichoeres melanurus",
            "Amblyeleotris randalli",
            "Ctenochaetus tominiensis",
            "Ecsenius midas");

    public final LogTank tank = new LogTank("Years of it");

    public FullTank() {
        tank.post("/tank", Map.of("lengthCm", "300", "widthCm", "100", "waterHeightCm", "80", "rockKg", "150"));
        lives(4, 300);
        lives(3, 500);
        for (Fish f : tank.fish().stream().skip(4).limit(LOST / 4).toList()) {
            tank.post("/losses", Map.of("fish", Long.toString(f.id()), "how", "dead", "count", "4"));
        }
        log();
    }

    private void lives(int each, int daysAgo) {
        for (String species : SHOALS) {
            tank.post(
                    "/residents",
                    Map.of(
                            "species", species,
                            "count", Integer.toString(each),
                            "since", Pelluna.today().minusDays(daysAgo).toString()));
        }
    }

    /** Lines spread evenly over watches, two of three of them acts, the rest meals. */
    private void log() {
        JdbcTemplate sql = new JdbcTemplate(Pelluna.bean(DataSource.class));
        long a = tank.boss();
        long b = tank.wrasse();
        long c = tank.fish("Amphiprion ocellaris");
        sql.update(
                "insert into watch (tank_id, began_at, ended_at) select ?, now() - make_interval(days => d) - "
                        + "interval '6 hours', now() - make_interval(days => d) - interval '5 hours' from "
                        + "generate_series(1, ?) d",
                tank.id,
                WATCHES);
        String lines = """
                insert into log_entry (tank_id, at, doing, fish_id, other_id, watch_id, x, y, gravity, times)
                select ?, w.began_at + make_interval(secs => (n / ?) * 20), case n % 3 when 0 then 'chased' when 1
                  then 'nipped' else 'eats' end,
                  case n % 4 when 0 then ? when 1 then ? else ? end, case when n % 3 = 2
                    then null else case n % 4 when 0 then ? when 1 then ? else ? end end, w.id, random(), random(),
                    1 + n % 3, 1
                from generate_series(0, ? - 1) n join
                  (select id, began_at, row_number() over (order by began_at) - 1 as k
                    from watch where tank_id = ?) w on w.k = n % ?""";
        sql.update(lines, tank.id, WATCHES, a, b, c, b, c, a, LINES, tank.id, WATCHES);
        sql.execute("vacuum analyze log_entry");
    }
}

package pelluna.app.testing;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.AuthorityUtils;
import org.springframework.security.core.context.SecurityContextHolder;
import pelluna.app.PellunaApplication;
import pelluna.app.account.Keepers;
import pelluna.app.account.OwnedTank;
import pelluna.app.account.Ownership;
import pelluna.app.planning.TankPlans;
import pelluna.core.plan.Party;
import pelluna.core.plan.Plan;

/**
 * The real application on the real PostgreSQL of './pelluna test', started once for all tests of a process; and a
 * plain way to talk to it.
 */
public final class Pelluna {
    private static final StillClock CLOCK = StillClock.atNoon();
    private static ConfigurableApplicationContext running;
    /** Who has signed in for the tests: the demo's keeper. */
    private static Visitor ines;

    private Pelluna() {}

    public static synchronized String url() {
        if (running == null) {
            PseudoLanguage.write();
            SpringApplication application = new SpringApplication(PellunaApplication.class);
            application.setAdditionalProfiles("demo");
            application.addInitializers(
                    context -> context.getBeanFactory().addBeanPostProcessor(new CountedQueries()),
                    context ->
                            ((GenericApplicationContext) context).registerBean("stillClock", Clock.class, () -> CLOCK));
            running = application.run(
                    "--server.port=0",
                    "--spring.datasource.url=" + TestCluster.url(),
                    "--spring.datasource.password=" + TestCluster.password(),
                    // a machine that others use is no database in trouble: that is tested apart, with the limits of use
                    "--spring.datasource.hikari.connection-timeout=60000",
                    "--spring.datasource.hikari.connection-init-sql=set statement_timeout = '60s';"
                            + " set plan_cache_mode = force_generic_plan",
                    "--spring.datasource.hikari.data-source-properties.socketTimeout=90",
                    "--management.server.port=0",
                    // tests go round themselves
                    "--pelluna.reminders=24h",
                    "--pelluna.pooled.first=24h",
                    // enough to be told, and soon over
                    "--pelluna.odds.runs=100",
                    "--pelluna.waits.tank=60s",
                    "--pelluna.waits.row=60s");
        }
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) running).getWebServer().getPort();
    }

    /** Stops the application, so that the next call starts it anew on the same database. */
    public static synchronized void stop() {
        if (running != null) {
            running.close();
            running = null;
            ines = null;
        }
    }

    /** A tank of the demo's keeper, for what is asked of it. */
    public static OwnedTank owned(long tank) {
        return bean(Ownership.class).tank(tank);
    }

    /** Fish as a plan names them, by their places in it: 'w#0,w#1' to 'w17,w20'. */
    public static String fish(long tank, String places) {
        Plan plan = bean(TankPlans.class).open(owned(tank)).plan();
        return Pattern.compile("([rw])#(\\d+)").matcher(places).replaceAll(m -> {
            List<Party> list = m.group(1).equals("r") ? plan.residents() : plan.wishes();
            return list.get(Integer.parseInt(m.group(2))).id();
        });
    }

    /** What time it is for the application. */
    public static Instant now() {
        return CLOCK.instant();
    }

    public static LocalDate today() {
        return LocalDate.now(CLOCK);
    }

    public static void passes(Duration time) {
        CLOCK.passes(time);
    }

    /** For the demo's keeper, as if it were asked for in a request of hers. */
    public static <T> T bean(Class<T> type) {
        url();
        SecurityContextHolder.getContext()
                .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                        Long.toString(keeper()), null, AuthorityUtils.createAuthorityList("ROLE_KEEPER")));
        return running.getBean(type);
    }

    /** The number of the demo's keeper. */
    public static long keeper() {
        return running.getBean(Keepers.class)
                .byEmail("demo@pelluna.example")
                .orElseThrow()
                .id();
    }

    /** The demo's keeper, signed in. */
    public static synchronized Visitor ines() {
        url();
        if (ines == null) {
            ines = new Visitor();
            ines.post("/sign-in/demo", Map.of());
        }
        return ines;
    }

    public static HttpResponse<String> get(String path) {
        return ines().get(path);
    }

    public static HttpResponse<String> post(String path, Map<String, String> form) {
        return ines().post(path, form);
    }

    /** A form with a picture, as a browser sends it. */
    public static HttpResponse<String> upload(String path, Map<String, String> form, String field, byte[] bytes) {
        return ines().upload(path, form, field, bytes);
    }

    /** What is asked by the demo's keeper, who has signed in. */
    public static HttpResponse<String> send(HttpRequest.Builder request) {
        return ines().send(request);
    }

    /** A new tank of its own for one test. */
    public static long tank(String name) {
        HttpResponse<String> made =
                post("/tanks", Map.of("name", name, "lengthCm", "150", "widthCm", "60", "waterHeightCm", "55"));
        Matcher id = Pattern.compile("/tanks/(\\d+)/tank").matcher(made.uri().toString());
        if (!id.find()) {
            throw new IllegalStateException("no tank was made: " + made.statusCode());
        }
        return Long.parseLong(id.group(1));
    }
}

package pelluna.app.signin;

import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.session.Session;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.web.filter.OncePerRequestFilter;

/** Who has signed in stays so over a restart of the server, for as long as somebody comes once in two weeks. */
@Configuration
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = Sessions.IDLE_S, cleanupCron = "0 17 * * * *")
class Sessions {
    static final int IDLE_S = 14 * 24 * 3600;
    static final String COOKIE = "pelluna";

    @Bean
    @Primary
    CalmSessions<? extends Session> calmSessions(JdbcIndexedSessionRepository kept) {
        return new CalmSessions<>(kept);
    }

    @Bean
    FilterRegistrationBean<OncePerRequestFilter> sessionReadOnce(CalmSessions<? extends Session> sessions) {
        FilterRegistrationBean<OncePerRequestFilter> bean = new FilterRegistrationBean<>(sessions.readOnce());
        bean.setOrder(SessionRepositoryFilter.DEFAULT_ORDER - 1);
        return bean;
    }

    /** For this server alone, never for a script; over HTTPS, only over HTTPS. */
    @Bean
    CookieSerializer cookie() {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName(COOKIE);
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Lax");
        cookie.setCookieMaxAge(IDLE_S);
        return cookie;
    }
}

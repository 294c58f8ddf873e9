package pelluna.app.signin;

import java.util.List;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.JdbcOperations;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.authentication.dao.DaoAuthenticationProvider;
import org.springframework.security.config.ObjectPostProcessor;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.authentication.session.CompositeSessionAuthenticationStrategy;
import org.springframework.security.web.authentication.session.SessionAuthenticationStrategy;
import org.springframework.security.web.authentication.www.BasicAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfAuthenticationStrategy;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.HttpSessionCsrfTokenRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.webauthn.management.JdbcUserCredentialRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import pelluna.app.account.KeeperDetails;
import pelluna.app.account.Keepers;
import pelluna.app.tokens.BearerTokens;
import pelluna.app.tokens.Scope;

/** Who may ask for what. Every address is for a keeper who has signed in, but for a short list. */
@Configuration
class SecurityRules {
    /** For anybody: how to come in, what pages are drawn with, and what has a secret in its own address. */
    static final List<String> FOR_ANYBODY = List.of(
            "/*.css",
            "/*.js",
            "/icon.svg",
            "/fonts/*",
            "/vendor/*",
            "/arrivals/*.js",
            "/log/*.js",
            "/reefscape/*.js",
            "/words/*.js",
            "/error",
            "/first",
            "/sign-in",
            "/sign-in/*",
            "/sign-up",
            "/sign-up/*",
            "/forgot",
            "/reset/*",
            "/manifest.webmanifest",
            "/icon-*.png",
            "/phone",
            "/phone/pelluna.crt",
            "/invitation/*",
            "/shared/*",
            "/calendar/*");

    /** Names of fields are held to the limits of what is sent, which say so on a page. */
    @Bean
    HttpFirewall addresses() {
        StrictHttpFirewall strict = new StrictHttpFirewall();
        strict.setAllowedParameterNames(name -> true);
        return strict;
    }

    /** OWASP's cheat sheet on storing passwords: Argon2id with 19 MiB, two passes, one lane at the least. */
    @Bean
    PasswordEncoder passwordEncoder() {
        String now = "argon2id";
        return new DelegatingPasswordEncoder(now, Map.of(now, new Argon2PasswordEncoder(16, 32, 1, 19 * 1024, 2)));
    }

    /** By the address that is typed, or by the number of the account that sessions and passkeys know. */
    @Bean
    UserDetailsService keeperDetails(Keepers keepers) {
        return name -> (name.matches("\\d{1,18}") ? keepers.of(Long.parseLong(name)) : keepers.byEmail(name))
                .map(KeeperDetails::new)
                .orElseThrow(() -> new UsernameNotFoundException("unknown"));
    }

    @Bean
    AuthenticationManager byPassword(UserDetailsService details, PasswordEncoder encoder, Guesses guesses) {
        DaoAuthenticationProvider passwords = new DaoAuthenticationProvider(details);
        passwords.setPasswordEncoder(encoder);
        return new ProviderManager(new SlowedPasswords(passwords, guesses));
    }

    @Bean
    CsrfTokenRepository csrfTokens() {
        return new HttpSessionCsrfTokenRepository();
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** A session gets a new number and a new token when somebody signs in. */
    @Bean
    @Primary
    SessionAuthenticationStrategy onSigningIn(CsrfTokenRepository tokens, Recently recently) {
        return new CompositeSessionAuthenticationStrategy(
                List.of(new ChangeSessionIdAuthenticationStrategy(), new CsrfAuthenticationStrategy(tokens), recently));
    }

    @Bean
    UserCredentialRepository passkeyRows(JdbcOperations jdbc) {
        return new JdbcUserCredentialRepository(jdbc);
    }

    /** Programs sign in with each request and take no part in forms; what a token may write, the module 'api' knows. */
    @Bean
    @Order(1)
    SecurityFilterChain forPrograms(
            HttpSecurity http, AuthenticationManager passwords, Entrance entrance, BearerTokens tokens) {
        return http.securityMatcher("/api/**")
                .authorizeHttpRequests(a -> a.requestMatchers("/api/v1/openapi.json")
                        .permitAll()
                        .requestMatchers("/api/v1/**")
                        .hasAuthority(Scope.READ.authority())
                        .anyRequest()
                        .authenticated())
                .addFilterBefore(tokens.filter(entrance), BasicAuthenticationFilter.class)
                .httpBasic(b -> b.authenticationEntryPoint(entrance))
                .exceptionHandling(e -> e.authenticationEntryPoint(entrance).accessDeniedHandler(entrance))
                .authenticationManager(passwords)
                .csrf(c -> c.disable())
                .requestCache(RequestCacheConfigurer::disable)
                .headers(HeadersConfigurer::disable)
                .build();
    }

    /** The simulated push service: it asks who has signed what is pushed, and shows a device what is its own. */
    @Bean
    @Order(2)
    SecurityFilterChain forPushes(HttpSecurity http) {
        return http.securityMatcher("/push-service/**")
                .authorizeHttpRequests(a -> a.anyRequest().permitAll())
                .csrf(c -> c.disable())
                .requestCache(RequestCacheConfigurer::disable)
                .headers(HeadersConfigurer::disable)
                .build();
    }

    @Bean
    @Order(3)
    SecurityFilterChain forReaders(
            HttpSecurity http,
            AuthenticationManager passwords,
            Entrance entrance,
            CsrfTokenRepository tokens,
            SecurityContextRepository contexts,
            SessionAuthenticationStrategy strategy,
            PasskeyFilters passkeys,
            Recently recently) {
        http.authorizeHttpRequests(a -> a.requestMatchers(FOR_ANYBODY.toArray(String[]::new))
                        .permitAll()
                        .requestMatchers("/server", "/server/**")
                        .hasRole("OWNER")
                        .requestMatchers("/webauthn/register/**")
                        .access(recently)
                        .anyRequest()
                        .hasRole("KEEPER"))
                .formLogin(f -> f.loginPage("/sign-in")
                        .usernameParameter("email")
                        .passwordParameter("password")
                        .successHandler(new ToWhereItWas())
                        .failureHandler(new BackToTheDoor())
                        .withObjectPostProcessor(new WithStrategy(strategy)))
                .logout(l -> l.logoutUrl("/sign-out")
                        .logoutSuccessUrl("/sign-in?out")
                        .deleteCookies(Sessions.COOKIE)
                        // what a phone keeps for hours without a connection is nobody else's either
                        .addLogoutHandler(
                                (request, response, who) -> response.setHeader("Clear-Site-Data", "\"storage\"")))
                .authenticationManager(passwords)
                .securityContext(s -> s.securityContextRepository(contexts))
                .csrf(c -> c.csrfTokenRepository(tokens))
                .exceptionHandling(e -> e.authenticationEntryPoint(entrance).accessDeniedHandler(entrance))
                .requestCache(RequestCacheConfigurer::disable)
                // the headers of every answer, failures too, are those of the module 'guard'
                .headers(HeadersConfigurer::disable);
        passkeys.into(http);
        return http.build();
    }

    /** Set on the filter itself: said of all sessions, every style and script would ask for one. */
    private record WithStrategy(SessionAuthenticationStrategy strategy)
            implements ObjectPostProcessor<UsernamePasswordAuthenticationFilter> {
        @Override
        public <O extends UsernamePasswordAuthenticationFilter> O postProcess(O filter) {
            filter.setSessionAuthenticationStrategy(strategy);
            return filter;
        }
    }
}

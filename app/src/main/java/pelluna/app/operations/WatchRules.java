package pelluna.app.operations;

import org.springframework.boot.security.autoconfigure.actuate.web.servlet.EndpointRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;

/**
 * Health and figures have a port of their own, on loopback unless somebody says otherwise, and are read by programs
 * without an account. They name no keeper and no tank.
 */
@Configuration
class WatchRules {
    @Bean
    @Order(0)
    SecurityFilterChain forWhoeverRunsIt(HttpSecurity http) {
        return http.securityMatcher(EndpointRequest.toAnyEndpoint())
                .authorizeHttpRequests(a -> a.anyRequest().permitAll())
                .csrf(c -> c.disable())
                .build();
    }
}
